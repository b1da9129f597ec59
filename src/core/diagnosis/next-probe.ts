import type { CauseClass } from './classes';
import { costOf, type ProbeSituation } from './cost';
import { MISREAD } from './outcome';
import type { Probe, ProbeKind } from './probe';
import type { Row, Table } from './table';

/** A probe with what it is expected to tell, and what it takes. */
export interface Offer {
  readonly probe: Probe;
  /** Expected fall in entropy, bits. */
  readonly bits: number;
  readonly seconds: number;
}

/** Less than this tells nothing worth a walk, bits. Our judgment. */
export const LEAST_BITS = 0.02;

const plogp = (p: number) => (p > 0 ? p * Math.log2(p) : 0);

/** What a probe is expected to tell of which cause it is, bits; a misread tells nothing. */
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
 * What an offer is worth: bits a second, and bits again, for a reading that tells little is soon followed by another.
 * Compared by play over all faults: the square names the cause in a third fewer readings than bits a second alone, in
 * the same time.
 */
const worthOf = ({ bits, seconds }: Offer): number => bits ** 2 / seconds;

/** What may be taken at any time. */
export const SAFE_KINDS: readonly ProbeKind[] = ['look', 'dead', 'low-volts', 'air'];

/** What may be taken at any time, and what waits until nothing of it parts the leading suspects. */
const TIERS: readonly (readonly ProbeKind[])[] = [SAFE_KINDS, ['live'], ['licensed']];

/** A suspect at this share of the first one's likelihood leads with it; the first few always do. Our judgment. */
const LEADS_AT = 0.05;
const LEADS_ANYWAY = 3;

/** The likelihoods of the leading suspects alone; causes that nothing parts count as one. */
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
 * What can be observed next, the best first: the greatest expected fall in entropy for its time. Safety comes before
 * time: as long as any probe without line voltage can part the leading suspects, none with it is offered, however long
 * that takes; then none that takes a license.
 * @param p how likely each cause is
 * @param without ids of probes that are taken or cannot be reached
 * @param retests probes next to the table's own: what may be a ghost, at low impedance
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
