import type { Cause } from '../causes/cause';
import { NOTHING } from '../causes/nothing';
import type { CallId } from '../control/moment';
import type { Spot } from '../devices/device';
import type { Facts } from '../job/document';
import { inTime } from '../job/in-time';
import { type Reading, seenWord, type TakenReading } from '../job/reading';
import { leftUnmeasured, observedNow } from '../model/observation-key';
import { type Cabinet, handsOut, supplyStates } from '../startup/energy';
import { diagnose, type Diagnosis, type DiagnosisContext, type Suspect } from './diagnosis';
import { type Answer, matches } from './outcome';
import type { Evidence } from './posterior';
import { callOf, type Probe } from './probe';
import { answerWords, wouldReadWords } from './reading-words';
import { COMPLAINT_ITEM, lastFixed } from './recorded-items';
import type { Table } from './table';

/** One reading in words. */
export interface ReadLine {
  readonly id: string;
  readonly words: string;
  readonly call: CallId | null;
  readonly answer: string;
}

/** Standing of a suspect. */
export type SuspectStanding = 'likely' | 'possible' | 'unlikely' | 'ruled out';

/** A suspect as displayed: causes that cannot be told apart, with readings for and against. */
export interface ShownSuspect {
  readonly key: string;
  readonly causes: readonly ShownCause[];
  readonly p: number;
  readonly standing: SuspectStanding;
  readonly speaksFor: readonly ReadLine[];
  readonly speaksAgainst: readonly ReadLine[];
}

/** A cause as displayed: plain data, with its wiring faults. */
export type ShownCause = Omit<Cause, 'effect'> & { readonly faults: readonly string[] };

/** A probe as displayed, with what the leading suspects would read. */
export interface ShownProbe {
  readonly probe: Probe;
  readonly call: CallId | null;
  readonly seconds: number;
  /** A possible reading, with its likeliest suspect and the number of others. */
  readonly wouldRead: readonly { readonly words: string; readonly more: number; readonly reads: string }[];
  /** Whether it was read once and is inconsistent. */
  readonly isAgain: boolean;
}

/** Status of a diagnosis, in words. */
export interface DiagnosisView {
  readonly complaint: string | null;
  readonly evidence: readonly ReadLine[];
  readonly suspects: readonly ShownSuspect[];
  readonly next: ShownProbe | null;
  /** Other informative probes, best first. */
  readonly others: readonly ShownProbe[];
  /** Why hands must stay out of each place; null if they may go in. */
  readonly handsOut: Readonly<Record<Spot, string | null>>;
  readonly standpoint: Diagnosis['standpoint']['kind'];
  /** Two causes that together give the readings. */
  readonly pairs: readonly (readonly [ShownCause, ShownCause])[];
  readonly seconds: number;
  /** Number of causes ruled out. */
  readonly ruledOut: number;
  readonly all: number;
}

/** Maximum suspects displayed, and probes offered besides the best. */
const MOST_SUSPECTS = 8;
const MOST_OTHERS = 6;
/** Maximum readings listed with a probe, and the probability relative to the first suspect from which one counts. */
const MOST_TOLD = 5;
const LEAST_TOLD = 0.01;

/** @param first probability of the first suspect */
const standingOf = (p: number, first: number): SuspectStanding =>
  p >= 0.5 ? 'likely' : p >= 0.1 * first ? 'possible' : p >= 0.01 * first ? 'unlikely' : 'ruled out';

const shownCause = ({ effect, ...cause }: Cause): ShownCause => ({ ...cause, faults: effect.faults ?? [] });

/** A reading as the answer to a probe. */
const answerOf = ({ value }: TakenReading): Answer | null => {
  if (typeof value === 'number' || value === 'OL') return value;
  return seenWord(value);
};

/** Input of a diagnosis from a visit's record: the complaint, and readings since the last fix. */
export const answersFrom = (table: Table, facts: Facts, readings: readonly Reading[]) => {
  const fixed = lastFixed(readings);
  const order = inTime(readings);
  const since = fixed ? order.slice(order.indexOf(fixed) + 1) : order;
  const now = observedNow(facts, since);
  const complaint = now.get(COMPLAINT_ITEM);
  const said = complaint && seenWord(complaint.value);
  const evidence = inTime([...now.values()]).flatMap((reading): Evidence[] => {
    const probe = table.probeById(reading.item);
    const answer = answerOf(reading as TakenReading);
    if (!probe || answer === null) return [];
    // Two equal readings are not a misread.
    const before = since.filter(
      ({ item, status, value }) => item === reading.item && status === 'taken' && value === reading.value,
    );
    return before.length > 1
      ? [
          { probe, answer },
          { probe, answer },
        ]
      : [{ probe, answer }];
  });
  return {
    complaint: said ?? null,
    evidence,
    skipped: [...leftUnmeasured(facts, since).keys()].filter((id) => table.probeById(id) !== undefined),
  };
};

const readLine = ({ probe, answer }: Evidence): ReadLine => ({
  id: probe.id,
  words: probe.words,
  call: probe.of.call,
  answer: answerWords(probe, answer),
});

const once = (evidence: readonly Evidence[]): Evidence[] => [
  ...new Map(evidence.map((each) => [each.probe.id, each])).values(),
];

/** Readings for a suspect (it gives them, a good system does not) and against it (it does not give them). */
const speaks = (table: Table, { at }: Suspect, evidence: readonly Evidence[]) => {
  const cause = at[0]!;
  const sound = table.causes.findIndex(({ id }) => id === NOTHING);
  const given = (each: Evidence, of: number) => {
    const row = table.row(each.probe);
    return matches(each.probe, row.readings[row.of[of]!]!, each.answer);
  };
  return {
    speaksFor: evidence.filter(
      (each) => given(each, cause) === true && (cause === sound || given(each, sound) === false),
    ),
    speaksAgainst: evidence.filter((each) => given(each, cause) === false),
  };
};

/** Each possible reading of a probe, with its likeliest suspect and the number of others. */
const wouldRead = (
  suspects: readonly Suspect[],
  readsOf: (suspect: Suspect) => string | null,
): ShownProbe['wouldRead'] => {
  const first = suspects[0]!.p;
  const told = new Map<string, { readonly words: string; more: number }>();
  for (const suspect of suspects) {
    const reads = readsOf(suspect);
    if (reads === null || suspect.p < LEAST_TOLD * first) continue;
    const known = told.get(reads);
    if (known) known.more += suspect.causes.length;
    else told.set(reads, { words: suspect.causes[0]!.words, more: suspect.causes.length - 1 });
  }
  return [...told].slice(0, MOST_TOLD).map(([reads, { words, more }]) => ({ words, more, reads }));
};

const shownProbe = (
  table: Table,
  { probe, seconds }: Diagnosis['offers'][number],
  suspects: readonly Suspect[],
  again: Probe | null,
): ShownProbe => {
  const { of, readings } = table.row(probe);
  return {
    probe,
    call: callOf(probe),
    seconds: Math.round(seconds),
    isAgain: again === probe,
    wouldRead: wouldRead(suspects, ({ at }) => wouldReadWords(probe, readings[of[at[0]!]!]!)),
  };
};

const CABINETS = { wall: 'wall', indoors: 'indoor', outdoors: 'outdoor' } as const satisfies Record<Spot, Cabinet>;

/** By place of dead measurements, why hands must stay out. */
const handsOutAt = (facts: Facts, readings: readonly Reading[]): DiagnosisView['handsOut'] => {
  const states = supplyStates(facts, readings);
  const at = (spot: Spot) => handsOut(facts, states, CABINETS[spot]);
  return { wall: at('wall'), indoors: at('indoors'), outdoors: at('outdoors') };
};

/** Status of the diagnosis of a visit's record. */
export const diagnosisView = (clinic: DiagnosisContext, readings: readonly Reading[]): DiagnosisView => {
  const { table } = clinic;
  const asked = answersFrom(table, table.model.facts, readings);
  const diagnosis = diagnose(clinic, asked);
  const { suspects, offers, standpoint, seconds, again } = diagnosis;
  const evidence = once(asked.evidence);
  const first = suspects[0]!.p;
  const hasBegun = asked.complaint !== null || evidence.length > 0;
  const shown = suspects.slice(0, MOST_SUSPECTS).map((suspect): ShownSuspect => {
    const { speaksFor, speaksAgainst } = speaks(table, suspect, evidence);
    return {
      key: suspect.causes[0]!.id,
      causes: suspect.causes.map(shownCause),
      p: suspect.p,
      standing: standingOf(suspect.p, first),
      speaksFor: speaksFor.map(readLine),
      speaksAgainst: speaksAgainst.map(readLine),
    };
  });
  const [next, ...others] = offers.slice(0, 1 + MOST_OTHERS).map((offer) => shownProbe(table, offer, suspects, again));
  const isOver = standpoint.kind !== 'open';
  return {
    complaint: asked.complaint,
    evidence: evidence.map(readLine),
    suspects: hasBegun ? shown : [],
    next: hasBegun && !isOver ? (next ?? null) : null,
    others: hasBegun ? (isOver && next ? [next, ...others] : others) : [],
    handsOut: handsOutAt(table.model.facts, readings),
    standpoint: standpoint.kind,
    pairs:
      standpoint.kind === 'pair'
        ? standpoint.pairs.slice(0, 3).map(({ causes: [one, other] }) => [shownCause(one), shownCause(other)] as const)
        : [],
    seconds: Math.round(seconds),
    ruledOut: suspects
      .filter(({ p }) => standingOf(p, first) === 'ruled out')
      .reduce((count, { causes }) => count + causes.length, 0),
    all: table.causes.length,
  };
};
