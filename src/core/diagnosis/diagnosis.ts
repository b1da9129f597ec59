import type { Cause } from '../causes/cause';
import { DEAD_VOLTS, PULL_IN_VOLTS } from '../units/control-volts';
import { type CauseClass, classesOf } from './classes';
import { costOf, ON_ARRIVAL, type ProbeSituation } from './cost';
import { type Offer, offers } from './next-probe';
import { likelihood } from './outcome';
import { missesOf, type Pair, pairsFor } from './pairs';
import { type Evidence, posterior } from './posterior';
import type { Probe } from './probe';
import type { Table } from './table';

/** What a diagnosis goes by. */
export interface Asked {
  readonly complaint: string | null;
  /** In the order in which it was observed. */
  readonly evidence: readonly Evidence[];
  /** Ids of probes that cannot be reached. */
  readonly skipped: readonly string[];
}

/** Causes that cannot be told apart, and how likely they are. */
export interface Suspect extends CauseClass {
  readonly p: number;
}

/** Where a diagnosis stands. */
export type DiagnosisSoFar =
  /** More is to be observed. */
  | { readonly kind: 'open' }
  /** One class is as good as sure. */
  | { readonly kind: 'named'; readonly suspect: Suspect }
  /** Nothing that is left to observe parts those that stand. */
  | { readonly kind: 'exhausted'; readonly suspect: Suspect }
  /** No single cause gives the readings; two together do. */
  | { readonly kind: 'pair'; readonly pairs: readonly Pair[] }
  /** Nothing in the catalog gives the readings. */
  | { readonly kind: 'unexplained' };

/** What stands, how likely, and what to observe next. */
export interface Diagnosis {
  /** Likeliest first. */
  readonly suspects: readonly Suspect[];
  /** By cause of the table. */
  readonly p: Float64Array;
  /** Best first; empty where nothing more tells. One that is to be read again comes before all others. */
  readonly offers: readonly Offer[];
  /** What was read once, and does not fit what all else says. */
  readonly again: Probe | null;
  readonly standing: ProbeSituation;
  /** What the observations took, s. */
  readonly seconds: number;
  readonly standpoint: DiagnosisSoFar;
}

/** At this share a class is named. */
export const NAMED_AT = 0.92;
/** Readings that the best cause does not give before one cause is doubted: one may be a misread. */
const DOUBTED_AT = 2;

/** A table with what is calculated of it once. */
export interface DiagnosisContext {
  readonly table: Table;
  readonly classes: readonly CauseClass[];
}

/** Opens a table for diagnosis. */
export const diagnosisContext = (table: Table): DiagnosisContext => ({ table, classes: classesOf(table) });

/** Where someone stands who observed all this, and what it took. */
export const afterProbes = (
  evidence: readonly Evidence[],
): { readonly standing: ProbeSituation; readonly seconds: number } =>
  evidence.reduce(
    ({ standing, seconds }, { probe }) => {
      const cost = costOf(probe, standing);
      return { standing: cost.then, seconds: seconds + cost.seconds };
    },
    { standing: ON_ARRIVAL, seconds: 0 },
  );

/** The logarithm of how well a single cause gives the evidence, on the scale of pairs. */
const logOf = ({ row, causes }: Table, cause: Cause, evidence: readonly Evidence[]): number => {
  const at = causes.indexOf(cause);
  return evidence.reduce((sum, { probe, answer }) => {
    const { readings, of } = row(probe);
    return sum + Math.log(likelihood(probe, readings[of[at]!]!, answer));
  }, Math.log(cause.weight));
};

/** What was read once and the first suspect does not give: it is read again before anything depends on it. */
const toReadAgain = (misses: readonly Evidence[], evidence: readonly Evidence[]): Evidence | undefined =>
  misses.find(({ probe }) => evidence.filter((each) => each.probe === probe).length === 1);

const standpointOf = (
  { table }: DiagnosisContext,
  { evidence }: Asked,
  suspects: readonly Suspect[],
  found: readonly Offer[],
): { readonly standpoint: DiagnosisSoFar; readonly again: Evidence | undefined } => {
  const [first] = suspects as [Suspect];
  const misses = missesOf(table, evidence);
  const fewest = Math.min(...misses.map(({ length }) => length));
  const isNamed = first.p >= NAMED_AT || found.length === 0;
  const ofFirst = misses[first.at[0]!]!;
  const again = isNamed || fewest >= DOUBTED_AT ? toReadAgain(ofFirst, evidence) : undefined;
  if (again) return { standpoint: { kind: 'open' }, again };
  if (fewest >= DOUBTED_AT) {
    const pairs = pairsFor(table, evidence);
    const [best] = pairs;
    const isPair = best !== undefined && best.log > logOf(table, first.causes[0]!, evidence);
    return { standpoint: isPair ? { kind: 'pair', pairs } : { kind: 'unexplained' }, again };
  }
  if (first.p >= NAMED_AT) return { standpoint: { kind: 'named', suspect: first }, again };
  return { standpoint: found.length === 0 ? { kind: 'exhausted', suspect: first } : { kind: 'open' }, again };
};

/** What was read between a dead terminal and a live one may be a ghost: the same points at low impedance tell. */
const ghostly = ({ retestOf }: Table, evidence: readonly Evidence[]): Probe[] =>
  evidence.flatMap(({ probe, answer }) =>
    typeof answer === 'number' && answer > DEAD_VOLTS && answer < PULL_IN_VOLTS ? (retestOf(probe) ?? []) : [],
  );

/** Whether the thermostat shows nothing: no emergency heat can be set on it, and no one is asked to. */
const isBlank = ({ complaint, evidence }: Asked): boolean => {
  const seen = evidence.findLast(({ probe }) => probe.of.observable.kind === 'display');
  return seen ? seen.answer === 'blank' : complaint === 'blank';
};

const needsDisplay = ({ of }: Probe): boolean => of.call === 'emergency';

/**
 * Where a diagnosis stands after a complaint and what was observed.
 * @example
 * const context = diagnosisContext(tableOf(jobModel(facts), DEFAULT_MOMENT));
 * diagnose(context, { complaint: 'blank', evidence: [], skipped: [] }).offers[0]?.probe.words;
 */
export const diagnose = (clinic: DiagnosisContext, asked: Asked): Diagnosis => {
  const { table, classes } = clinic;
  const { complaint, evidence, skipped } = asked;
  const p = posterior(table, complaint, evidence);
  const suspects = classes
    .map((each): Suspect => ({ ...each, p: each.at.reduce((sum, at) => sum + p[at]!, 0) }))
    .sort((one, other) => other.p - one.p);
  const { standing, seconds } = afterProbes(evidence);
  const without = new Set([
    ...skipped,
    ...evidence.map(({ probe }) => probe.id),
    ...(isBlank(asked) ? table.probes.filter(needsDisplay).map(({ id }) => id) : []),
  ]);
  const found = offers(clinic, p, standing, without, ghostly(table, evidence));
  const { standpoint, again } = standpointOf(clinic, asked, suspects, found);
  const reread = again ? [{ probe: again.probe, bits: 0, seconds: costOf(again.probe, standing).seconds }] : [];
  return { suspects, p, offers: [...reread, ...found], again: again?.probe ?? null, standing, seconds, standpoint };
};
