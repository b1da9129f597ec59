import { needsCompressor, ON_ARRIVAL, type ProbeSituation, RUNS_COMPRESSOR, setAt } from '../diagnosis/cost';
import { diagnose, type DiagnosisContext } from '../diagnosis/diagnosis';
import { bitsOf, leading, LEAST_BITS, SAFE_KINDS } from '../diagnosis/next-probe';
import { type Evidence, posterior } from '../diagnosis/posterior';
import { callOf, type Probe } from '../diagnosis/probe';
import { CALL_S, PANEL_S, PUT_BACK_S, READ_S, RESTART_S, VERIFY_DEAD_S, WALK_S } from '../diagnosis/probe-times';
import { freeProbe } from '../diagnosis/probes/free';
import type { SimulatedHouse } from '../diagnosis/simulated-house';
import { type Face, type FaceAct, workFace } from '../setup/face/face';
import { type Act, SHORTCUTS } from './act';
import { PLACE_WORDS } from './places';
import type { ThermostatFace } from './thermostat-face';

/** What was wrong with a way of working that ended the round. */
export interface Unsafe {
  readonly words: string;
  /** What could have happened. */
  readonly would: string;
}

/** How a round ended. */
export type RoundEnd =
  /** The named cause, whether it is right, and its likelihood by the player's own readings. */
  | { readonly kind: 'named'; readonly causes: readonly string[]; readonly isRight: boolean; readonly p: number }
  | ({ readonly kind: 'unsafe' } & Unsafe);

/** An act, its time, and what was seen. */
export interface Done {
  readonly act: Act;
  readonly seconds: number;
  /** Observation and probe; null: not an observation. */
  readonly seen: Evidence | null;
}

/** A round in progress. */
export interface Rig extends ProbeSituation {
  readonly complaint: string;
  readonly seconds: number;
  /** When a compressor that was started will have had its minimum off time, s. */
  readonly runsFrom: number;
  /** The thermostat’s menus while browsing. */
  readonly face: Face;
  readonly done: readonly Done[];
  readonly evidence: readonly Evidence[];
  readonly end: RoundEnd | null;
}

/** Everything a round needs. */
export interface Bench {
  readonly clinic: DiagnosisContext;
  readonly world: SimulatedHouse;
  /** The thermostat with its own menus. */
  readonly wall: () => ThermostatFace;
  /** Ids of the actual causes. */
  readonly truth: readonly string[];
  /** Ids of what the best solution looks at first: with two faults, the first match is not all. */
  readonly looksFirst: readonly string[];
}

/** Result of an act: the new state, or why it is not possible. */
export type Acted = { readonly ok: true; readonly rig: Rig } | { readonly ok: false; readonly why: string };

/** The start of a round: at the door, with the complaint. */
export const beginRound = ({ world, wall }: Bench): Rig => ({
  ...ON_ARRIVAL,
  complaint: world.complaint,
  seconds: 0,
  runsFrom: 0,
  face: wall().face,
  done: [],
  evidence: [],
  end: null,
});

const cannot = (why: string): Acted => ({ ok: false, why });

const HANDS_IN: Unsafe = {
  words: 'You put your hands in before every supply was open, locked out and verified dead.',
  would:
    'A heat kit can have two power feeds, and a sequencer opens only one leg: a terminal that looks dead can still be hot to ground through the element. Open, lock out and test live–dead–live before you touch anything.',
};

const LIVE_FOR_DEAD: Unsafe = {
  words: 'You measured live line voltage when a safer reading would have told you just as much.',
  would:
    'One slip of a probe at 240 V is an arc in your face. As long as a power-off, 24 V, visual or air reading can still separate the suspects, do not open live equipment.',
};

/** A clamp goes around an insulated conductor and touches nothing, so it never ends a round. */
const isClamp = ({ of: { observable } }: Probe): boolean =>
  observable.kind === 'amps' || observable.kind === 'motor-amps' || observable.kind === 'rung-amps';

/** Whether a probe without line voltage can still separate the leading suspects. */
const safeOnesTell = ({ clinic }: Bench, { complaint, evidence }: Rig): boolean => {
  const { table, classes } = clinic;
  const lead = leading(classes, posterior(table, complaint, evidence));
  const taken = new Set(evidence.map(({ probe }) => probe.id));
  return table.probes.some(
    (probe) => SAFE_KINDS.includes(probe.kind) && !taken.has(probe.id) && bitsOf(table.row(probe), lead) >= LEAST_BITS,
  );
};

const ended = (rig: Rig, act: Act, end: RoundEnd): Acted => ({
  ok: true,
  rig: { ...rig, done: [...rig.done, { act, seconds: 0, seen: null }], end },
});

const after = (rig: Rig, act: Act, seconds: number, change: Partial<Rig>, seen: Evidence | null = null): Acted => ({
  ok: true,
  rig: { ...rig, ...change, seconds: rig.seconds + seconds, done: [...rig.done, { act, seconds, seen }] },
});

/** What an act observes: a named probe, or between two points; undefined: nothing. */
const probeOf = ({ clinic: { table } }: Bench, rig: Rig, act: Extract<Act, { kind: 'probe' | 'meter' }>) => {
  if (act.kind === 'probe') return table.probeById(act.id);
  const { facts, wall } = table.model;
  const free = freeProbe(facts, wall.harness, rig.place, act, rig.call);
  return free ? (table.probeById(free.id) ?? free) : undefined;
};

/** The menu entry for a setting look; undefined: not in a menu. */
export const entryOfLook = ({ wall }: Bench, { of: { observable } }: Probe): string | undefined =>
  observable.kind === 'setting' ? wall().entryOf.get(observable.look) : undefined;

const probed = (bench: Bench, rig: Rig, act: Extract<Act, { kind: 'probe' | 'meter' }>): Acted => {
  const probe = probeOf(bench, rig, act);
  if (!probe)
    return cannot(
      act.kind === 'probe' ? 'You cannot check that here.' : 'Put each probe on a different terminal here.',
    );
  if (probe.place !== rig.place) return cannot(`That is at ${PLACE_WORDS[probe.place]}: walk there first.`);
  if (probe.needsPanel && !rig.opened.includes(probe.place)) return cannot('The panel is on. Remove it first.');
  if (probe.kind === 'dead' && !rig.isDead) return ended(rig, act, { kind: 'unsafe', ...HANDS_IN });
  const call = callOf(probe);
  if (call !== null && rig.isDead && probe.kind !== 'dead')
    return cannot('Everything is locked out. Turn the power back on first.');
  if (call !== null && probe.kind !== 'dead' && rig.call !== call)
    return cannot(`That reading needs a different call. Set it at ${PLACE_WORDS[setAt(call)]} first.`);
  if (needsCompressor(probe) && rig.seconds < rig.runsFrom)
    return cannot(`Compressor minimum off time: ${Math.ceil(rig.runsFrom - rig.seconds)} s left.`);
  const entry = entryOfLook(bench, probe);
  if (entry !== undefined && rig.face.at !== entry)
    return cannot('That is in the thermostat’s setup menu. Open it and go to the entry.');
  if (probe.kind === 'live' && !isClamp(probe) && safeOnesTell(bench, rig))
    return ended(rig, act, { kind: 'unsafe', ...LIVE_FOR_DEAD });
  const seen = { probe, answer: bench.world.answer(probe) };
  // Going to an entry shows its value.
  const seconds = (entry === undefined ? probe.seconds : 0) + READ_S;
  return after(rig, act, seconds, { evidence: [...rig.evidence, seen] }, seen);
};

/** The message of a blank thermostat; null: not blank. */
const blankSeen = ({ clinic, world }: Bench): Evidence | null => {
  const probe = clinic.table.probes.find(({ of }) => of.observable.kind === 'display');
  return probe && world.answer(probe) === 'blank' ? { probe, answer: 'blank' } : null;
};

/** Whether the blank display was seen: its menus cannot be read then. */
export const isSeenBlank = ({ evidence }: Rig): boolean =>
  evidence.some(({ probe, answer }) => probe.of.observable.kind === 'display' && answer === 'blank');

const keyed = (bench: Bench, rig: Rig, act: Extract<Act, { kind: 'keys' }>): Acted => {
  if (rig.place !== 'wall') return cannot(`Its keys are at ${PLACE_WORDS.wall}: walk there first.`);
  if (rig.isDead) return cannot('Everything is locked out. Turn the power back on first.');
  const blank = blankSeen(bench);
  if (blank && isSeenBlank(rig)) return cannot('The display is blank and the keys do nothing.');
  if (blank) return after(rig, act, blank.probe.seconds, { evidence: [...rig.evidence, blank] }, blank);
  const touch: FaceAct = { kind: act.key };
  const worked = workFace(rig.face, touch);
  if (!worked.ok) return cannot(worked.why);
  return after(rig, act, worked.face.seconds - rig.face.seconds, { face: worked.face });
};

const sameOnes = (some: readonly string[], others: readonly string[]) =>
  some.length === others.length && some.every((each) => others.includes(each));

/** Likelihood of the named cause by the player's own readings, including causes it cannot be told from. */
const likelihoodOf = ({ clinic }: Bench, { complaint, evidence }: Rig, causes: readonly string[]): number => {
  const { suspects, standpoint } = diagnose(clinic, { complaint, evidence, skipped: [] });
  if (causes.length > 1)
    return standpoint.kind === 'pair' &&
      sameOnes(
        standpoint.pairs[0]!.causes.map(({ id }) => id),
        causes,
      )
      ? 1
      : 0;
  return suspects.find((suspect) => suspect.causes.some(({ id }) => id === causes[0]))?.p ?? 0;
};

/** Whether the named cause is right, or cannot be told from the right one. */
const isTruth = ({ clinic, truth }: Bench, causes: readonly string[]): boolean => {
  if (truth.length !== 1 || causes.length !== 1) return sameOnes(causes, truth);
  const mates = clinic.classes.find((each) => each.causes.some(({ id }) => id === truth[0]));
  return mates?.causes.some(({ id }) => id === causes[0]) ?? false;
};

/**
 * Performs an act in a round. Observations come from the house itself; an impossible act costs nothing and says why; an
 * unsafe act ends the round.
 */
export const act = (bench: Bench, rig: Rig, what: Act): Acted => {
  if (rig.end) return cannot('This round is over.');
  switch (what.kind) {
    case 'walk':
      return after(rig, what, WALK_S[rig.place][what.to], { place: what.to });
    case 'open':
      return rig.opened.includes(rig.place)
        ? cannot('The panel is already off.')
        : after(rig, what, PANEL_S[rig.place], { opened: [...rig.opened, rig.place] });
    case 'call': {
      if (rig.isDead) return cannot('Everything is locked out. Turn the power back on first.');
      const at = setAt(what.call);
      if (rig.place !== at) return cannot(`That is set at ${PLACE_WORDS[at]}: walk there first.`);
      const restarts = RUNS_COMPRESSOR.has(what.call) && !RUNS_COMPRESSOR.has(rig.call);
      const seconds = rig.seconds + CALL_S;
      return after(rig, what, CALL_S, { call: what.call, ...(restarts ? { runsFrom: seconds + RESTART_S } : {}) });
    }
    case 'isolate':
      return rig.isDead
        ? cannot('Everything is already locked out.')
        : after(rig, what, VERIFY_DEAD_S, { isDead: true });
    case 'energize': {
      if (!rig.isDead) return cannot('Nothing is locked out.');
      const runs = RUNS_COMPRESSOR.has(rig.call) ? { runsFrom: rig.seconds + PUT_BACK_S + RESTART_S } : {};
      return after(rig, what, PUT_BACK_S, { isDead: false, ...runs });
    }
    case 'wait':
      return after(rig, what, Math.min(3600, Math.max(0, what.seconds)), {});
    case 'probe':
    case 'meter':
      return probed(bench, rig, what);
    case 'keys':
      return keyed(bench, rig, what);
    case 'name':
      return ended(rig, what, {
        kind: 'named',
        causes: what.causes,
        isRight: isTruth(bench, what.causes),
        p: likelihoodOf(bench, rig, what.causes),
      });
    case 'shortcut': {
      const { words, would } = SHORTCUTS[what.shortcut];
      return ended(rig, what, { kind: 'unsafe', words: `${words}.`, would });
    }
  }
};
