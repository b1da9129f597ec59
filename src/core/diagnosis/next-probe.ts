import type { CauseClass } from './classes';
import { costOf, type ProbeSituation } from './cost';
import { MISREAD } from './outcome';
import type { Probe, ProbeKind } from './probe';
import type { Row, Table } from './table';

/** A probe with its expected information and its time. */
export interface Offer {
  readonly probe: Probe;
  /** Expected fall in entropy, bits. */
  readonly bits: number;
  readonly seconds: number;
}

/** Information below which a probe is not worth a walk, bits. Our judgment. */
export const LEAST_BITS = 0.02;

const plogp = (p: number) => (p > 0 ? p * Math.log2(p) : 0);

/** Expected information of a probe about the cause, bits; a misread gives none. */
export const bitsOf = ({ readings, of, outcomes }: Row, p: Float64Array): number => {
  const byReading = new Float64Array(readings.length);
  for (let cause = 0; cause < p.length; cause++) byReading[of[cause]!]! += p[cause]!;
  const count = outcomes[0]!.length;
  const mixed = new Float64Array(count);
  let within = 0;
  outcomes.forEach((shares, reading) => {
    const weight = byReading[reading]!;
    if (weight < 1e-9) return;
    let entropy = 0;
    for (let at = 0; at < count; at++) {
      const share = (1 - MISREAD) * shares[at]! + MISREAD / count;
      mixed[at]! += weight * share;
      entropy -= plogp(share);
    }
    within += weight * entropy;
  });
  return Math.max(0, -mixed.reduce((sum, share) => sum + plogp(share), 0) - within);
};

/**
 * Value of an offer: bits squared per second, since an uninformative reading needs another one soon. Compared over all
 * faults: the square names the cause in a third fewer readings than bits per second, in the same time.
 */
const worthOf = ({ bits, seconds }: Offer): number => bits ** 2 / seconds;

/** Probes that may be taken at any time. */
export const SAFE_KINDS: readonly ProbeKind[] = ['look', 'dead', 'low-volts', 'air'];

/** Probes that may be taken at any time, and those that wait until no such probe separates the leading suspects. */
const TIERS: readonly (readonly ProbeKind[])[] = [SAFE_KINDS, ['live'], ['licensed']];

/** Probability relative to the first suspect that makes a suspect leading; the first few always are. Our judgment. */
const LEADS_AT = 0.05;
const LEADS_ANYWAY = 3;

/** Probabilities of the leading suspects only; indistinguishable causes count as one. */
export const leading = (classes: readonly CauseClass[], p: Float64Array): Float64Array => {
  const ranked = classes
    .map(({ at }) => ({ at, share: at.reduce((sum, cause) => sum + p[cause]!, 0) }))
    .sort((one, other) => other.share - one.share);
  const first = ranked[0]!.share;
  const lead = ranked.filter(({ share }, at) => at < LEADS_ANYWAY || share >= LEADS_AT * first);
  const sum = lead.reduce((total, { share }) => total + share, 0);
  const alone = new Float64Array(p.length);
  for (const { at } of lead) for (const cause of at) alone[cause] = p[cause]! / sum;
  return alone;
};

/**
 * The next probes, best first: the greatest expected fall in entropy for the time. Safety comes before time: while any
 * probe without line voltage separates the leading suspects, none with line voltage is offered; the same for probes
 * that need a license.
 * @param p probability of each cause
 * @param without ids of probes that were taken or cannot be reached
 * @param retests extra probes: possible ghost voltage at low impedance
 */
export const offers = (
  { table, classes }: { readonly table: Table; readonly classes: readonly CauseClass[] },
  p: Float64Array,
  standing: ProbeSituation,
  without: ReadonlySet<string>,
  retests: readonly Probe[] = [],
): readonly Offer[] => {
  const lead = leading(classes, p);
  const found: Offer[] = [];
  for (const kinds of TIERS) {
    const probes = [...table.probes, ...retests].filter(({ id, kind }) => kinds.includes(kind) && !without.has(id));
    for (const probe of probes) {
      const bits = bitsOf(table.row(probe), p);
      if (bits >= LEAST_BITS) found.push({ probe, bits, seconds: costOf(probe, standing).seconds });
    }
    if (found.some(({ probe }) => bitsOf(table.row(probe), lead) >= LEAST_BITS)) break;
  }
  return found.sort((one, other) => worthOf(other) - worthOf(one));
};
