import type { ControlProgram } from '../control/in-time/program';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { apartF } from '../units/degrees';
import { roundTo } from '../units/round';
import type { DayRun } from './day';
import { isBackupCalled, missedAt, spellsOf, tickCount } from './ticks';

/** Why a room is under its setpoint in a tick. */
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

/** A while in which the room was under its setpoint by more than the droop. */
export interface ShortSpell {
  readonly fromMin: number;
  readonly toMin: number;
  readonly deepestF: number;
  /** Minutes by cause, most first. */
  readonly causes: readonly { readonly why: ShortWhy; readonly minutes: number }[];
}

/** Degrees short at which the backup is due: what a run calls the droop. */
export const droopF = ({ auxOnF, differentialF }: ControlProgram): number => auxOnF ?? differentialF;

const whyAt = ({ trace }: DayRun, tick: number, banks: number): ShortWhy => {
  const isCalled = isBackupCalled(trace, tick);
  const compressorRuns = trace.compressorStage[tick]! > 0;
  if (trace.inDefrost[tick]) return 'defrost';
  if (trace.backupHold[tick] === 'lockout') return 'backup-lockout';
  if (isCalled && banks > 0 && trace.banksOn[tick]! < banks && trace.furnaceStage[tick] === 0) return 'bank-held';
  if (trace.compressorHold[tick] === 'lockout' && !isCalled) return 'compressor-lockout';
  if (` ${trace.signals[tick]!} `.includes(' Y ') && !compressorRuns) return 'not-arrived';
  if (trace.compressorHold[tick] !== null && !isCalled) return 'compressor-waits';
  if (isCalled) return 'all-on';
  return compressorRuns ? 'backup-waits' : 'nothing-called';
};

/** Every while in which the room was under its setpoint by more than the droop, and why. */
export const shortSpells = (run: DayRun, facts: Facts, program: ControlProgram): ShortSpell[] => {
  const { trace, stepMin } = run;
  const limitF = droopF(program);
  const banks = new Set(kitRows(facts).map(({ bank }) => bank)).size;
  return spellsOf(tickCount(run), (tick) => missedAt(trace, tick) > limitF).map(([from, to]) => {
    const minutes = new Map<ShortWhy, number>();
    let deepestF = 0;
    for (let tick = from; tick < to; tick++) {
      const why = whyAt(run, tick, banks);
      minutes.set(why, (minutes.get(why) ?? 0) + stepMin);
      deepestF = Math.max(deepestF, missedAt(trace, tick));
    }
    return {
      fromMin: from * stepMin,
      toMin: to * stepMin,
      deepestF,
      causes: [...minutes].map(([why, each]) => ({ why, minutes: each })).sort((a, b) => b.minutes - a.minutes),
    };
  });
};

/** A cause in words. */
export const shortWords = (why: ShortWhy, facts: Facts, program: ControlProgram): string => {
  switch (why) {
    case 'compressor-lockout':
      return `compressor locked out below ${program.compressorBelowF} °F`;
    case 'backup-lockout':
      return `backup held above ${program.auxAboveF} °F`;
    case 'bank-held':
      return facts.gates.outdoorThermostats.length > 0 ? 'a bank held by its outdoor thermostat' : 'a bank stays off';
    case 'defrost':
      return 'defrost';
    case 'compressor-waits':
      return 'compressor in its minimum off';
    case 'not-arrived':
      return 'Y is sent and the compressor does not run';
    case 'backup-waits':
      return `backup not due yet: it comes at ${apartF(roundTo(droopF(program), 1))} short`;
    case 'all-on':
      return 'everything that may run runs';
    case 'nothing-called':
      return 'nothing is called';
  }
};
