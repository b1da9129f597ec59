import type { ControlProgram } from '../../control/in-time/program';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { apartF } from '../../units/degrees';
import { roundTo } from '../../units/round';
import { clockAt } from '../clock';
import type { DayRun } from './day';
import { droopF, isBankHeld, shortSpells, shortWords } from './short-spells';
import { hasSignal, isBackupCalled, shortAt, tickCount } from './ticks';

/** Subject of an event: the source that started, stopped or was locked out, or the room. */
export type EventSource = 'compressor' | 'backup' | 'defrost' | 'room';

/** Something that happened in a run, with its reason and numbers. */
export interface DayEvent {
  readonly atMin: number;
  readonly id:
    | 'compressor-on'
    | 'compressor-off'
    | 'compressor-held'
    | 'second-stage-on'
    | 'second-stage-off'
    | 'backup-on'
    | 'backup-off'
    | 'backup-held'
    | 'bank-held'
    | 'defrost-begins'
    | 'defrost-ends'
    | 'climb-begins'
    | 'setpoint'
    | 'short-begins'
    | 'short-ends'
    | 'learned';
  readonly source: EventSource;
  readonly words: string;
}

/** Name of the backup on a job. */
const backupName = ({ system }: Facts): string => (system.backup === 'furnace' ? 'Furnace' : 'Auxiliary');

const figureF = (valueF: number) => `${roundTo(valueF, 0)} °F`;
const differenceF = (valueF: number) => apartF(roundTo(valueF, 1));

/** A tick's numbers for the words of its events. */
const wordsOf = (run: DayRun, program: ControlProgram, facts: Facts) => {
  const { trace } = run;
  const backup = backupName(facts);
  const out = (tick: number) => `${figureF(trace.outdoorF[tick]!)} out`;
  const short = (tick: number) => `${differenceF(shortAt(trace, tick))} short`;
  return {
    compressorOn: (tick: number) => `Compressor on: ${short(tick)}, ${out(tick)}.`,
    compressorOff: (tick: number) => {
      if (trace.compressorHold[tick] === 'lockout')
        return `Compressor off: locked out below ${program.compressorBelowF} °F, ${out(tick)}.`;
      if (trace.compressorHold[tick] === 'furnace') return 'Compressor off: the furnace has the call.';
      return hasSignal(trace, tick, 'Y')
        ? `Compressor stops with Y still energized, ${out(tick)}.`
        : `Compressor off: setpoint satisfied at ${figureF(trace.roomF[tick]!)}.`;
    },
    compressorHeld: (tick: number) => {
      switch (trace.compressorHold[tick]) {
        case 'lockout':
          return `Compressor locked out below ${program.compressorBelowF} °F, ${out(tick)}.`;
        case 'minimum-off':
          return `Compressor waits: minimum off time (${program.minOffMin} min) not over.`;
        case 'starts-per-hour':
          return `Compressor waits: limit of ${program.compressorStartsPerHour} starts per hour.`;
        case 'furnace-cooling':
          return `Compressor waits: the furnace has been off for less than ${program.afterFossilMin} min.`;
        case 'furnace':
          return 'Compressor off: the furnace has the call.';
        case 'power-up':
          return 'Compressor waits: the thermostat has just powered up.';
        default:
          return 'Compressor locked out: the board reports a fault.';
      }
    },
    secondOn: (tick: number) =>
      program.upstageMin === null
        ? `Second stage on: ${short(tick)}; it comes on at ${apartF(program.stage2OnF ?? 0)} below.`
        : `Second stage: still ${short(tick)} after ${program.upstageMin} min of the first.`,
    backupOn: (tick: number) => {
      if (hasSignal(trace, tick, 'E')) return 'Emergency heat: the backup alone.';
      if (program.compressorBelowF !== null && trace.compressorHold[tick] === 'lockout')
        return `${backup} as first stage: compressor locked out below ${program.compressorBelowF} °F, ${out(tick)}.`;
      const isByPoint = program.auxOnF !== null && shortAt(trace, tick) >= program.auxOnF - trace.shiftF[tick]! - 1e-6;
      if (isByPoint)
        return `${backup} on: ${short(tick)} (set to come on at ${differenceF(Math.max(program.auxOffF + 0.5, program.auxOnF! - trace.shiftF[tick]!))} below).`;
      return program.auxAfterMin === null
        ? `${backup} on: ${short(tick)}.`
        : `${backup} on: still ${short(tick)} after ${program.auxAfterMin} min.`;
    },
    backupOff: (tick: number) =>
      shortAt(trace, tick) < 0
        ? `${backup} off: ${differenceF(-shortAt(trace, tick))} over the setpoint.`
        : `${backup} off: ${short(tick)}.`,
    backupHeld: (tick: number) => {
      switch (trace.backupHold[tick]) {
        case 'lockout':
          return `${backup} locked out above ${program.auxAboveF} °F, ${out(tick)}; ${short(tick)}.`;
        case 'recovery':
          return `${backup} waits during recovery: ${short(tick)}.`;
        case 'starts-per-hour':
          return `${backup} waits: limit of ${program.backupStartsPerHour} starts per hour.`;
        default:
          return `${backup} waits: the thermostat has just powered up.`;
      }
    },
    bankHeld: (tick: number) => {
      const open = facts.gates.outdoorThermostats
        .map(({ closesBelowF }, at) => ({ closesBelowF, number: at + 1 }))
        .filter(({ closesBelowF }) => trace.outdoorF[tick]! > closesBelowF);
      return open.length > 0
        ? `Strips locked out: ${open.map(({ number, closesBelowF }) => `outdoor thermostat ${number} is open above ${closesBelowF} °F`).join(', ')}, ${out(tick)}.`
        : 'Strips are called, but a bank stays off.';
    },
    defrostBegins: (tick: number) =>
      `Defrost begins: ${roundTo(trace.frostLb[Math.max(0, tick - 1)]!, 2)} lb of frost, ${out(tick)}.`,
    defrostEnds: (tick: number) => {
      const coil = figureF(trace.coilF[Math.max(0, tick - 1)]!);
      const left = `${roundTo(trace.frostLb[Math.max(0, tick - 1)]!, 2)} lb of frost left`;
      switch (trace.defrostEnd[tick]) {
        case 'cap':
          return `Defrost timed out: coil ${coil}, ${left}.`;
        case 'call':
          return `Defrost ends: the call ended; ${left}.`;
        default:
          return `Defrost ends: coil ${coil}, ${left}.`;
      }
    },
    setpoint: (tick: number) => `Setpoint ${figureF(trace.setpointF[tick]!)}.`,
    climb: (tick: number) =>
      `Recovery starts from ${figureF(trace.roomF[tick]!)} to reach the next setpoint on time.${facts.talk.lightSleepers ? ' Light sleepers may hear the unit from now on.' : ''}`,
    learned: (tick: number) =>
      `The thermostat has adapted: ${backup.toLowerCase()} now comes on ${differenceF(trace.shiftF[tick]!)} sooner than set.`,
  };
};

/** Ticks in which something changes; the state at the start of the run is not an event. */
const turns = <T>(count: number, of: (tick: number) => T): number[] => {
  const found: number[] = [];
  let before = count > 0 ? of(0) : undefined;
  for (let tick = 1; tick < count; tick++) {
    const now = of(tick);
    if (now !== before) found.push(tick);
    before = now;
  }
  return found;
};

/** Ticks in which a lockout is reported: once, and again only after its source has run, or for another reason. */
const told = <T>(holds: readonly (T | null)[], runs: (tick: number) => boolean): number[] => {
  const found: number[] = [];
  let last: T | null = null;
  holds.forEach((hold, tick) => {
    if (runs(tick)) last = null;
    if (hold === null || hold === last) return;
    last = hold;
    found.push(tick);
  });
  return found;
};

/** Everything that started, stopped or was locked out in a run, in order, with reasons and numbers. */
export const dayEvents = (run: DayRun, program: ControlProgram, facts: Facts): readonly DayEvent[] => {
  const { trace, stepMin } = run;
  const events: DayEvent[] = [];
  const words = wordsOf(run, program, facts);
  const banks = new Set(kitRows(facts).map(({ bank }) => bank)).size;
  const at = (tick: number, id: DayEvent['id'], source: EventSource, sentence: string) =>
    events.push({ atMin: tick * stepMin, id, source, words: sentence });
  const runs = (tick: number) => trace.compressorStage[tick]! > 0;
  const isCalled = (tick: number) => isBackupCalled(trace, tick);
  const isStaged = (tick: number) => hasSignal(trace, tick, 'Y2');
  const count = tickCount(run);
  for (const tick of turns(count, (each) => trace.setpointF[each]!))
    if (!trace.isRecovering[tick]) at(tick, 'setpoint', 'room', words.setpoint(tick));
  for (const tick of turns(count, (each) => trace.isRecovering[each]!))
    if (trace.isRecovering[tick]) at(tick, 'climb-begins', 'room', words.climb(tick));
  for (const tick of turns(count, runs))
    if (runs(tick)) at(tick, 'compressor-on', 'compressor', words.compressorOn(tick));
    else at(tick, 'compressor-off', 'compressor', words.compressorOff(tick));
  for (const tick of told(trace.compressorHold, runs))
    at(tick, 'compressor-held', 'compressor', words.compressorHeld(tick));
  for (const tick of turns(count, isStaged))
    if (isStaged(tick)) at(tick, 'second-stage-on', 'compressor', words.secondOn(tick));
    else at(tick, 'second-stage-off', 'compressor', 'Second stage off.');
  for (const tick of turns(count, isCalled))
    if (isCalled(tick)) at(tick, 'backup-on', 'backup', words.backupOn(tick));
    else at(tick, 'backup-off', 'backup', words.backupOff(tick));
  for (const tick of told(trace.backupHold, isCalled)) at(tick, 'backup-held', 'backup', words.backupHeld(tick));
  for (const tick of turns(count, (each) => isBankHeld(run, each, banks)))
    if (isBankHeld(run, tick, banks)) at(tick, 'bank-held', 'backup', words.bankHeld(tick));
  for (const tick of turns(count, (each) => trace.inDefrost[each]!))
    if (trace.inDefrost[tick]) at(tick, 'defrost-begins', 'defrost', words.defrostBegins(tick));
    else at(tick, 'defrost-ends', 'defrost', words.defrostEnds(tick));
  for (const tick of turns(count, (each) => trace.shiftF[each]!)) at(tick, 'learned', 'backup', words.learned(tick));
  for (const { fromMin, toMin, shortMin, deepestF, causes } of shortSpells(run, facts, program)) {
    const why = causes.map(
      ({ why: each, minutes }) => `${shortWords(each, facts, program)} (${roundTo(minutes, 0)} min)`,
    );
    events.push({
      atMin: fromMin,
      id: 'short-begins',
      source: 'room',
      words: `Room more than ${differenceF(droopF(program))} below setpoint for ${roundTo(shortMin, 0)} min (until ${clockAt(toMin)}), ${differenceF(deepestF)} at worst: ${why.join(', ')}.`,
    });
    if (toMin < tickCount(run) * stepMin)
      events.push({
        atMin: toMin,
        id: 'short-ends',
        source: 'room',
        words: 'Room back within the droop.',
      });
  }
  return events.sort((one, other) => one.atMin - other.atMin);
};
