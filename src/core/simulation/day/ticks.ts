import { CALL_BITS } from '../system/wires';
import type { DayRun, DayTrace } from './day';

/** What was asked of the system in a tick, by its name on the wire. */
export const hasSignal = ({ calls }: DayTrace, tick: number, call: keyof typeof CALL_BITS): boolean =>
  (calls[tick]! & CALL_BITS[call]) !== 0;

/** Whether the thermostat calls its backup, as auxiliary or as emergency heat. */
export const isBackupCalled = (trace: DayTrace, tick: number): boolean =>
  hasSignal(trace, tick, 'AUX') || hasSignal(trace, tick, 'E');

/** How far the room is under the setpoint in force, °F, as its thermostat sees it; negative over it. */
export const shortAt = (trace: DayTrace, tick: number): number => trace.setpointF[tick]! - trace.roomF[tick]!;

/** How far the room is under what the people asked for, °F; negative over it. */
export const missedAt = (trace: DayTrace, tick: number): number => trace.scheduleF[tick]! - trace.roomF[tick]!;

/** Ticks of a run. */
export const tickCount = ({ trace }: DayRun): number => trace.roomF.length;

/** The tick that a minute falls in, kept within the run. */
export const tickAt = (run: DayRun, atMin: number): number =>
  Math.max(0, Math.min(tickCount(run) - 1, Math.floor(atMin / run.stepMin + 1e-9)));

/** Runs of ticks for which something holds, as ticks from and to (that one no more). */
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
