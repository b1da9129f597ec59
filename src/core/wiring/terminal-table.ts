import { CALL_IDS, type CallId, type Moment } from '../control/moment';
import type { DeviceId } from '../devices/device';
import type { Facts } from '../job/document';
import { plan } from './plan';
import { type WiringState, wiringState } from './state';

export interface TerminalRow {
  readonly device: DeviceId;
  readonly mark: string;
  readonly carries: string;
  /** Volts to the device's own common in each call. */
  readonly volts: Readonly<Record<CallId, number>>;
  readonly isHot: Readonly<Record<CallId, boolean>>;
}

/** The state of the planned wiring in every call, at the moment's temperatures. */
export const statesOfAllCalls = (facts: Facts, moment: Moment): Readonly<Record<CallId, WiringState>> => {
  const harness = plan(facts);
  return Object.fromEntries(CALL_IDS.map((call) => [call, wiringState(facts, harness, { ...moment, call })])) as Record<CallId, WiringState>;
};

/** What to expect at every terminal in every call. */
export const terminalTable = (facts: Facts, moment: Moment): TerminalRow[] => {
  const states = statesOfAllCalls(facts, moment);
  const each = <T>(pick: (state: WiringState) => T) => Object.fromEntries(CALL_IDS.map((call) => [call, pick(states[call])])) as Record<CallId, T>;
  return plan(facts).devices.flatMap(({ id, terminals }) =>
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
