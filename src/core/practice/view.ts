import { type CallId, CALLS, callsOf } from '../control/moment';
import type { Spot } from '../devices/device';
import { COMPLAINTS } from '../diagnosis/complaints';
import { setAt } from '../diagnosis/cost';
import { callOf, type Probe } from '../diagnosis/probe';
import { answerWords } from '../diagnosis/reading-words';
import { CAUTIONS } from '../startup/cautions';
import { type Act, SHORTCUTS } from './act';
import { PLACE_WORDS } from './places';
import type { Bench, Rig } from './rig';
import type { Round } from './round';
import { replay, type Score, scoreRound } from './score';

/** What somebody holds to see something: the hand tool of a reading. */
export const TOOLS = {
  eyes: 'Look and listen',
  volts: 'Volts',
  ohms: 'Ohms, everything dead',
  amps: 'Clamp',
  air: 'Air and temperature',
  live: 'Line voltage, live',
  licensed: 'Licensed people only',
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

/** Something that can be seen where one stands, as things stand. */
export interface Seeable {
  readonly id: string;
  readonly words: string;
  readonly how: string;
  readonly tool: Tool;
  readonly needsPanel: boolean;
  /** What it read, where it was read in this round already. */
  readonly seen: string | null;
  readonly caution: string | null;
}

/** One act of a round in words. */
export interface DoneLine {
  readonly words: string;
  readonly seconds: number;
  /** What was seen; null: it was no look. */
  readonly seen: string | null;
}

/** A class of causes that nothing tells apart, to be named. */
export interface Nameable {
  readonly id: string;
  /** Ids of all of it. */
  readonly causes: readonly string[];
  readonly words: string;
}

/** One act gone through again: what stood after it. */
export interface ReplayLine extends DoneLine {
  readonly suspects: readonly { readonly words: string; readonly p: number }[];
  /** What the reading could be expected to tell, bits; null: it was none. */
  readonly bits: number | null;
  /** What would have told more; null: nothing. */
  readonly better: string | null;
}

/** A round that is over. */
export interface RoundOver {
  readonly score: Score;
  /** What was done that is not safe, and what would have come of it; null: nothing. */
  readonly unsafe: { readonly words: string; readonly would: string } | null;
  /** How likely the player's own readings made what he named; null: he named nothing. */
  readonly p: number | null;
  readonly named: readonly string[];
  readonly truth: readonly { readonly words: string; readonly fix: string }[];
  readonly teaches: string;
  readonly replay: readonly ReplayLine[];
}

/** All that a player has before him. */
export interface RoundView {
  readonly title: string;
  readonly says: string;
  readonly outdoorF: number;
  readonly place: Spot;
  readonly call: CallId;
  /** Calls that can be set where he stands. */
  readonly calls: readonly CallId[];
  readonly isDead: boolean;
  readonly isOpen: boolean;
  readonly seconds: number;
  /** Seconds that the compressor still waits out. */
  readonly waitS: number;
  readonly here: readonly Seeable[];
  readonly done: readonly DoneLine[];
}

/** An act as it was done. */
const actWords = ({ clinic }: Bench, act: Act): string => {
  const causeWords = (id: string) => clinic.table.causes.find((each) => each.id === id)?.words ?? id;
  switch (act.kind) {
    case 'walk':
      return `To ${PLACE_WORDS[act.to]}`;
    case 'open':
      return 'Panel off';
    case 'call':
      return `Call: ${CALLS[act.call].label.toLowerCase()}`;
    case 'isolate':
      return 'Every supply opened, locked, proved dead';
    case 'energize':
      return 'Supplies back on';
    case 'wait':
      return `Waited ${Math.round(act.seconds / 60)} min`;
    case 'probe': {
      const probe = clinic.table.probeById(act.id);
      const call = probe ? callOf(probe) : null;
      return `${probe?.words ?? act.id}${call === null ? '' : `, ${CALLS[call].short.toLowerCase()}`}`;
    }
    case 'name':
      return `Named: ${act.causes.map(causeWords).join(' and ')}`;
    case 'shortcut':
      return SHORTCUTS[act.shortcut].words;
  }
};

const doneLines = (bench: Bench, { done }: Rig): DoneLine[] =>
  done.map(({ act, seconds, answer }) => {
    const probe = act.kind === 'probe' ? bench.clinic.table.probeById(act.id) : undefined;
    return {
      words: actWords(bench, act),
      seconds,
      seen: answer === null || !probe ? null : answerWords(probe, answer),
    };
  });

/** What can be seen where somebody stands, in the call that is on or in none. */
const seeableHere = ({ clinic }: Bench, { place, call, isDead, evidence }: Rig): Seeable[] => {
  const seen = new Map(evidence.map(({ probe, answer }) => [probe.id, answerWords(probe, answer)]));
  return clinic.table.probes
    .filter((probe) => {
      if (probe.place !== place) return false;
      const of = callOf(probe);
      return of === null || probe.kind === 'dead' || (!isDead && of === call);
    })
    .map((probe) => ({
      id: probe.id,
      words: probe.words,
      how: probe.how,
      tool: toolOf(probe),
      needsPanel: probe.needsPanel,
      seen: seen.get(probe.id) ?? null,
      caution: probe.caution && CAUTIONS[probe.caution],
    }));
};

/** What somebody who plays a round has before him: where he stands, what can be done there, what he did. */
export const roundView = (round: Round, bench: Bench, rig: Rig): RoundView => ({
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
  here: seeableHere(bench, rig),
  done: doneLines(bench, rig),
});

/** All that can be named in a round’s house, by what can be told apart. */
export const nameables = ({ clinic }: Bench): Nameable[] =>
  clinic.classes
    .map(({ causes }) => ({
      id: causes[0]!.id,
      causes: causes.map(({ id }) => id),
      words: causes.map(({ words }) => words).join(' / '),
    }))
    .sort((one, other) => one.words.localeCompare(other.words, 'en'));

/**
 * A round that is over, judged and gone through again; null: it is not.
 * @param best the same round on a bench of its own
 */
export const roundOver = (round: Round, bench: Bench, best: Bench, rig: Rig): RoundOver | null => {
  if (!rig.end) return null;
  const { end } = rig;
  const causeOf = (id: string) => bench.clinic.table.causes.find((each) => each.id === id)!;
  const lines = doneLines(bench, rig);
  const again = replay(bench, rig);
  return {
    score: scoreRound(bench, rig, best, again),
    unsafe: end.kind === 'unsafe' ? { words: end.words, would: end.would } : null,
    p: end.kind === 'named' ? end.p : null,
    named: end.kind === 'named' ? end.causes.map((id) => causeOf(id)?.words ?? id) : [],
    truth: round.causes.map((id) => ({ words: causeOf(id).words, fix: causeOf(id).mend })),
    teaches: round.teaches,
    replay: again.map(({ suspects, bits, better }, at) => ({
      ...lines[at]!,
      suspects: suspects.map(({ causes, p }) => ({ words: causes[0]!.words, p })),
      bits,
      better: better?.words ?? null,
    })),
  };
};
