import type { ControlProgram } from '../../control/in-time/program';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { apartF } from '../../units/degrees';
import { roundTo } from '../../units/round';
import type { DayRun } from './day';
import { hasSignal, isBackupCalled, missedAt, spellsOf, tickCount } from './ticks';

/** Why a room is below its setpoint in a tick. */
export type ShortWhy =
  | 'compressor-lockout'
  | 'backup-lockout'
  | 'bank-held'
  | 'defrost'
  | 'compressor-waits'
  | 'not-arrived'
  | 'backup-waits'
  | 'all-on'
  | 'nothing-called';

/** A cause, with its minutes. */
interface ShortCause {
  readonly why: ShortWhy;
  readonly minutes: number;
}

const mostFirst = (minutes: ReadonlyMap<ShortWhy, number>): readonly ShortCause[] =>
  [...minutes].map(([why, each]) => ({ why, minutes: each })).sort((a, b) => b.minutes - a.minutes);

/**
 * A period with the room below its setpoint by more than the droop; periods close together, as from cycling, are one.
 */
export interface ShortSpell {
  readonly fromMin: number;
  readonly toMin: number;
  /** Minutes of shortfall within it. */
  readonly shortMin: number;
  readonly deepestF: number;
  /** The main cause while the room fell to its lowest; what follows is recovery. */
  readonly fellBy: ShortWhy;
  /** Minutes by cause, longest first. */
  readonly causes: readonly ShortCause[];
}

/** Degrees below setpoint at which the backup is due: the droop. */
export const droopF = ({ auxOnF, differentialF }: ControlProgram): number => auxOnF ?? differentialF;

/**
 * Swing below the droop while the backup comes on, °F, that does not count as a shortfall. Our judgment.
 */
export const DIFFERENTIAL_F = 1;

/** Maximum gap between periods that count as one, min. */
const APART_MIN = 15;
/** Time after its call from which a bank still off counts as locked out, min: sequencers are slow. */
const SEQUENCE_MIN = 3;

/** Joins periods that are close together. */
const joined = (spells: readonly (readonly [number, number])[], apartTicks: number): (readonly [number, number])[] => {
  const out: (readonly [number, number])[] = [];
  for (const [from, to] of spells) {
    const last = out.at(-1);
    if (last && from - last[1] <= apartTicks) out[out.length - 1] = [last[0], to];
    else out.push([from, to]);
  }
  return out;
};

/** Whether a bank is called and still off after its sequence time. */
export const isBankHeld = ({ trace, stepMin }: DayRun, tick: number, banks: number): boolean => {
  const ticks = Math.round(SEQUENCE_MIN / stepMin);
  if (banks === 0 || tick < ticks) return false;
  for (let at = tick - ticks; at <= tick; at++)
    if (!isBackupCalled(trace, at) || trace.furnaceStage[at]! > 0 || trace.banksOn[at]! >= banks) return false;
  return true;
};

const whyAt = (run: DayRun, tick: number, banks: number): ShortWhy => {
  const { trace } = run;
  const isCalled = isBackupCalled(trace, tick);
  const compressorRuns = trace.compressorStage[tick]! > 0;
  if (trace.inDefrost[tick]) return 'defrost';
  if (trace.backupHold[tick] === 'lockout') return 'backup-lockout';
  if (isBankHeld(run, tick, banks)) return 'bank-held';
  if (trace.compressorHold[tick] === 'lockout' && !isCalled) return 'compressor-lockout';
  if (hasSignal(trace, tick, 'Y') && !compressorRuns) return 'not-arrived';
  if (trace.compressorHold[tick] !== null && !isCalled) return 'compressor-waits';
  if (isCalled) return 'all-on';
  return compressorRuns ? 'backup-waits' : 'nothing-called';
};

/** All periods with the room below its setpoint by more than the droop, and why. */
export const shortSpells = (run: DayRun, facts: Facts, program: ControlProgram): ShortSpell[] => {
  const { trace, stepMin } = run;
  const limitF = droopF(program);
  const banks = new Set(kitRows(facts).map(({ bank }) => bank)).size;
  const isShort = (tick: number) => missedAt(trace, tick) > limitF;
  const spells = joined(spellsOf(tickCount(run), isShort), Math.round(APART_MIN / stepMin));
  return spells.map(([from, to]) => {
    const minutes = new Map<ShortWhy, number>();
    let falling: readonly ShortCause[] = [];
    let [deepestF, shortMin] = [0, 0];
    for (let tick = from; tick < to; tick++) {
      if (!isShort(tick)) continue;
      shortMin += stepMin;
      const why = whyAt(run, tick, banks);
      minutes.set(why, (minutes.get(why) ?? 0) + stepMin);
      if (missedAt(trace, tick) > deepestF) {
        deepestF = missedAt(trace, tick);
        falling = mostFirst(minutes);
      }
    }
    return {
      fromMin: from * stepMin,
      toMin: to * stepMin,
      shortMin,
      deepestF,
      fellBy: falling[0]!.why,
      causes: mostFirst(minutes),
    };
  });
};

/** A cause in words. */
export const shortWords = (why: ShortWhy, facts: Facts, program: ControlProgram): string => {
  switch (why) {
    case 'compressor-lockout':
      return `compressor locked out below ${program.compressorBelowF} °F`;
    case 'backup-lockout':
      return `backup locked out above ${program.auxAboveF} °F`;
    case 'bank-held':
      return facts.gates.outdoorThermostats.length > 0
        ? 'a bank locked out by its outdoor thermostat'
        : 'a bank stays off';
    case 'defrost':
      return 'defrost';
    case 'compressor-waits':
      return 'compressor in minimum off time';
    case 'not-arrived':
      return 'Y energized, compressor not running';
    case 'backup-waits':
      return `backup not due yet: comes on ${apartF(roundTo(droopF(program), 1))} below setpoint`;
    case 'all-on':
      return 'everything allowed is running';
    case 'nothing-called':
      return 'nothing is called';
  }
};
