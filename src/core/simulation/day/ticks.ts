import { CALL_BITS } from '../system/wires';
import type { DayRun, DayTrace } from './day';

/** The system's calls in a tick, by wire name. */
export const hasSignal = ({ calls }: DayTrace, tick: number, call: keyof typeof CALL_BITS): boolean =>
  (calls[tick]! & CALL_BITS[call]) !== 0;

/** Whether the thermostat calls its backup, as auxiliary or as emergency heat. */
export const isBackupCalled = (trace: DayTrace, tick: number): boolean =>
  hasSignal(trace, tick, 'AUX') || hasSignal(trace, tick, 'E');

/** Room below the setpoint in effect, °F, as the thermostat sees it; negative above it. */
export const shortAt = (trace: DayTrace, tick: number): number => trace.setpointF[tick]! - trace.roomF[tick]!;

/** Room below the scheduled setpoint, °F; negative above it. */
export const missedAt = (trace: DayTrace, tick: number): number => trace.scheduleF[tick]! - trace.roomF[tick]!;

/** Number of ticks of a run. */
export const tickCount = ({ trace }: DayRun): number => trace.roomF.length;

/** Tick of a minute, clamped to the run. */
export const tickAt = (run: DayRun, atMin: number): number =>
  Math.max(0, Math.min(tickCount(run) - 1, Math.floor(atMin / run.stepMin + 1e-9)));

/** Intervals of ticks for which a condition holds, as start and exclusive end. */
export const spellsOf = (count: number, is: (tick: number) => boolean): (readonly [number, number])[] => {
  const spells: (readonly [number, number])[] = [];
  let from = -1;
  for (let tick = 0; tick <= count; tick++) {
    const now = tick < count && is(tick);
    if (now && from < 0) from = tick;
    if (!now && from >= 0) {
      spells.push([from, tick]);
      from = -1;
    }
  }
  return spells;
};
