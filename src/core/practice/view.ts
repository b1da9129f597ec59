import { type CallId, CALLS, callsOf } from '../control/moment';
import type { Spot } from '../devices/device';
import { COMPLAINTS } from '../diagnosis/complaints';
import { setAt } from '../diagnosis/cost';
import { callOf, type Probe } from '../diagnosis/probe';
import { pointsAt, type ProbedDevice } from '../diagnosis/probes/free';
import { answerWords } from '../diagnosis/reading-words';
import { CAUTIONS } from '../safety/cautions';
import type { StopId } from '../safety/stops';
import { KEYS, SHORTCUTS } from './act';
import { PLACE_WORDS } from './places';
import { type Bench, type Done, entryOfLook, type Rig } from './rig';
import type { Round } from './round';
import { replay, type Score, scoreRound } from './score';
import { type ThermostatMenu, thermostatMenu } from './thermostat-menu';

/** The hand tool for an observation. */
export const TOOLS = {
  eyes: 'Look and listen',
  volts: 'Volts',
  ohms: 'Ohms, power off',
  amps: 'Clamp',
  air: 'Air and temperature',
  live: 'Live line voltage',
  licensed: 'Licensed tech only',
} as const;

export type Tool = keyof typeof TOOLS;

/** The tool that a probe is taken with. */
export const toolOf = ({ kind, unit }: Probe): Tool => {
  if (kind === 'look') return 'eyes';
  if (kind === 'dead') return 'ohms';
  if (kind === 'live' || kind === 'licensed') return kind;
  if (unit === 'A') return 'amps';
  return kind === 'air' ? 'air' : 'volts';
};

/** An observation that is possible here and now. */
export interface Seeable {
  readonly id: string;
  readonly words: string;
  readonly how: string;
  readonly tool: Tool;
  readonly needsPanel: boolean;
  /** It is in the thermostat’s menu, at the displayed entry. */
  readonly isInMenu: boolean;
  /** Its reading in this round, if any. */
  readonly seen: string | null;
  readonly caution: string | null;
}

/** One act of a round in words. */
export interface DoneLine {
  readonly words: string;
  readonly seconds: number;
  /** The observation; null: none. */
  readonly seen: string | null;
}

/** A class of causes that cannot be told apart, to be named. */
export interface NamedCause {
  readonly id: string;
  /** Ids of the whole class. */
  readonly causes: readonly string[];
  readonly words: string;
}

/** One replayed act: the suspects after it. */
export interface ReplayLine extends DoneLine {
  readonly suspects: readonly { readonly words: string; readonly p: number }[];
  /** Expected information of the reading, bits; null: not a reading. */
  readonly bits: number | null;
  /** A more informative reading; null: none. */
  readonly better: string | null;
}

/** A finished round. */
export interface RoundOver {
  readonly score: Score;
  /** The unsafe act and its possible consequence; null: none. */
  readonly unsafe: { readonly words: string; readonly would: string } | null;
  /** Likelihood of the named cause by the player's own readings; null: nothing named. */
  readonly p: number | null;
  readonly named: readonly string[];
  readonly truth: readonly {
    readonly words: string;
    readonly fix: string;
    /** What it stops, as on a job. */
    readonly stop: StopId | null;
  }[];
  readonly teaches: string;
  readonly replay: readonly ReplayLine[];
}

/** Everything a player sees. */
export interface RoundView {
  readonly title: string;
  readonly says: string;
  readonly outdoorF: number;
  readonly place: Spot;
  readonly call: CallId;
  /** Calls that can be set here. */
  readonly calls: readonly CallId[];
  readonly isDead: boolean;
  readonly isOpen: boolean;
  readonly seconds: number;
  /** Seconds until the compressor may run. */
  readonly waitS: number;
  readonly here: readonly Seeable[];
  /** Points for the meter's probes here, and cautions. */
  readonly points: readonly ProbedDevice[];
  readonly minds: { readonly volts: string | null; readonly ohms: string };
  /** The thermostat’s own menus, if the player is there. */
  readonly menu: ThermostatMenu | null;
  readonly done: readonly DoneLine[];
}

/** A reading in words, with its call. */
const probeWords = (probe: Probe): string => {
  const call = callOf(probe);
  return `${probe.words}${call === null ? '' : `, ${CALLS[call].short.toLowerCase()}`}`;
};

/** An act as done. */
const actWords = ({ clinic }: Bench, { act, seen }: Done): string => {
  const causeWords = (id: string) => clinic.table.causes.find((each) => each.id === id)?.words ?? id;
  switch (act.kind) {
    case 'walk':
      return `To ${PLACE_WORDS[act.to]}`;
    case 'open':
      return 'Panel off';
    case 'call':
      return `Call: ${CALLS[act.call].label.toLowerCase()}`;
    case 'isolate':
      return 'Every supply opened, locked out, verified dead';
    case 'energize':
      return 'Supplies back on';
    case 'wait':
      return `Waited ${Math.round(act.seconds / 60)} min`;
    case 'probe': {
      const probe = seen?.probe ?? clinic.table.probeById(act.id);
      return probe ? probeWords(probe) : 'Visual check';
    }
    case 'meter':
      return seen ? probeWords(seen.probe) : 'Two-probe reading in the cabinet';
    case 'keys':
      return seen ? probeWords(seen.probe) : `Thermostat’s keys: ${KEYS[act.key].toLowerCase()}`;
    case 'name':
      return `Named: ${act.causes.map(causeWords).join(' and ')}`;
    case 'shortcut':
      return SHORTCUTS[act.shortcut].words;
  }
};

const doneLine = (bench: Bench, done: Done): DoneLine => ({
  words: actWords(bench, done),
  seconds: done.seconds,
  seen: done.seen && answerWords(done.seen.probe, done.seen.answer),
});

const MENUS_WORDS = 'Thermostat setup menu';

/** Acts, one line each; one pass through the menus is one line. */
const doneLines = (bench: Bench, { done }: Rig): DoneLine[] => {
  const lines: DoneLine[] = [];
  done.forEach((each, at) => {
    const last = lines.at(-1);
    const goesOn = each.act.kind === 'keys' && done[at - 1]?.act.kind === 'keys';
    if (!goesOn || !last) lines.push(doneLine(bench, each));
    else lines[lines.length - 1] = { ...last, words: MENUS_WORDS, seconds: last.seconds + each.seconds };
  });
  return lines;
};

/** Whether a reading is taken with two probes here: it needs no line of its own. */
const isBetweenHere = ({ of: { observable } }: Probe, points: readonly ProbedDevice[]): boolean =>
  (observable.kind === 'volts' || observable.kind === 'ohms') &&
  observable.between.every(({ device, mark }) =>
    points.some(({ id, points: own }) => id === device && own.some((point) => point.mark === mark)),
  );

/** Observations possible here, in the present call or in none. */
const seeableHere = (bench: Bench, rig: Rig, points: readonly ProbedDevice[]): Seeable[] => {
  const { clinic } = bench;
  const { place, call, isDead, evidence, face } = rig;
  const seen = new Map(evidence.map(({ probe, answer }) => [probe.id, answerWords(probe, answer)]));
  return clinic.table.probes
    .filter((probe) => {
      if (probe.place !== place || isBetweenHere(probe, points)) return false;
      const entry = entryOfLook(bench, probe);
      if (entry !== undefined && entry !== face.at) return false;
      const of = callOf(probe);
      return of === null || probe.kind === 'dead' || (!isDead && of === call);
    })
    .map((probe) => ({
      id: probe.id,
      words: probe.words,
      how: probe.how,
      tool: toolOf(probe),
      needsPanel: probe.needsPanel,
      isInMenu: entryOfLook(bench, probe) !== undefined,
      seen: seen.get(probe.id) ?? null,
      caution: probe.caution && CAUTIONS[probe.caution],
    }));
};

/** Everything a player sees: place, possible acts, acts done. */
export const roundView = (round: Round, bench: Bench, rig: Rig): RoundView => {
  const points = pointsAt(bench.clinic.table.model.wall.harness, rig.place);
  return {
    title: round.title,
    says: COMPLAINTS.find(({ id }) => id === rig.complaint)?.words ?? '',
    outdoorF: round.outdoorF,
    place: rig.place,
    call: rig.call,
    calls: callsOf(round.facts).filter((call) => setAt(call) === rig.place),
    isDead: rig.isDead,
    isOpen: rig.opened.includes(rig.place),
    seconds: rig.seconds,
    waitS: Math.max(0, rig.runsFrom - rig.seconds),
    here: seeableHere(bench, rig, points),
    points,
    minds: { volts: rig.place === 'wall' ? null : CAUTIONS['live-measuring'], ohms: CAUTIONS['every-supply'] },
    menu: rig.place === 'wall' ? thermostatMenu(bench.wall(), rig.face) : null,
    done: doneLines(bench, rig),
  };
};

/** Causes of a round's house to name, by distinguishable class. */
export const namedCauses = ({ clinic }: Bench): NamedCause[] =>
  clinic.classes
    .map(({ causes }) => ({
      id: causes[0]!.id,
      causes: causes.map(({ id }) => id),
      words: causes.map(({ words }) => words).join(' / '),
    }))
    .sort((one, other) => one.words.localeCompare(other.words, 'en'));

/**
 * A finished round with score and replay; null: not finished.
 * @param best the same round on a separate bench
 */
export const roundOver = (round: Round, bench: Bench, best: Bench, rig: Rig): RoundOver | null => {
  if (!rig.end) return null;
  const { end } = rig;
  const causeOf = (id: string) => bench.clinic.table.causes.find((each) => each.id === id)!;
  const again = replay(bench, rig);
  return {
    score: scoreRound(bench, rig, best, again),
    unsafe: end.kind === 'unsafe' ? { words: end.words, would: end.would } : null,
    p: end.kind === 'named' ? end.p : null,
    named: end.kind === 'named' ? end.causes.map((id) => causeOf(id)?.words ?? id) : [],
    truth: round.causes.map((id) => {
      const { words, fix, stop = null } = causeOf(id);
      return { words, fix, stop };
    }),
    teaches: round.teaches,
    // Browsing menus changes no suspicion; reading a value there does.
    replay: again.flatMap(({ suspects, bits, better }, at) =>
      rig.done[at]!.act.kind === 'keys'
        ? []
        : [
            {
              ...doneLine(bench, rig.done[at]!),
              suspects: suspects.map(({ causes, p }) => ({ words: causes[0]!.words, p })),
              bits,
              better: better?.words ?? null,
            },
          ],
    ),
  };
};
