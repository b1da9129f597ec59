import type { CallId } from '../../control/moment';
import type { DayRun } from './day';
import { hasSignal, isBackupCalled } from './ticks';

/** A tick of a run as the moment that every page shows. */
export interface RunMoment {
  readonly outdoorF: number;
  readonly indoorF: number;
  readonly call: CallId;
}

const callAt = ({ trace }: DayRun, tick: number): CallId => {
  if (trace.inDefrost[tick]) return 'defrost';
  if (hasSignal(trace, tick, 'E')) return 'emergency';
  if (isBackupCalled(trace, tick)) return 'heat-aux';
  if (hasSignal(trace, tick, 'Y2')) return 'heat-2';
  return hasSignal(trace, tick, 'Y') ? 'heat-1' : 'off';
};

/** Moment of a tick: the thermostat's call, and both temperatures to a tenth. */
export const momentAt = (run: DayRun, tick: number): RunMoment => ({
  outdoorF: Math.round(run.trace.outdoorF[tick]! * 10) / 10,
  indoorF: Math.round(run.trace.roomF[tick]! * 10) / 10,
  call: callAt(run, tick),
});
