import type { CallId } from '../control/moment';
import type { DeviceId } from '../devices/device';
import type { Facts } from '../job/document';
import type { StatesByCall } from './behaviour';
import type { Harness } from './harness';
import type { WiringState } from './state';

export interface TerminalRow {
  readonly device: DeviceId;
  readonly mark: string;
  readonly carries: string;
  /** Volts to the device's own common in each call. */
  readonly volts: ReadonlyMap<CallId, number>;
  readonly isHot: ReadonlyMap<CallId, boolean>;
}

/** What to expect at every terminal in every call of the job's thermostat. */
export const terminalTable = (harness: Harness, states: StatesByCall): TerminalRow[] => {
  const each = <T>(pick: (state: WiringState) => T): ReadonlyMap<CallId, T> =>
    new Map([...states].map(([call, state]) => [call, pick(state)]));
  return harness.devices.flatMap(({ id, terminals }) =>
    terminals.map(({ mark, carries }) => ({
      device: id,
      mark,
      carries,
      volts: each((state) => state.volts.get(`${id}.${mark}`) ?? 0),
      isHot: each((state) => state.hot.has(`${id}.${mark}`)),
    })),
  );
};

/** The same facts with the valve energised the other way round, unit and thermostat alike: for comparing. */
export const withValve = (facts: Facts, valve: 'O' | 'B'): Facts => ({
  ...facts,
  outdoorUnit: { ...facts.outdoorUnit, reversingValve: valve },
  thermostat: { ...facts.thermostat, valveSetting: valve },
});
