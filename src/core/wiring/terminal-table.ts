import type { CallId } from '../control/moment';
import { type DeviceId, readTerminals } from '../devices/device';
import type { Facts } from '../job/document';
import { PULL_IN_VOLTS } from '../units/control-volts';
import type { StatesByCall } from './behavior';
import type { Harness } from './harness';
import type { WiringState } from './state';

export interface TerminalRow {
  readonly device: DeviceId;
  readonly mark: string;
  readonly carries: string;
  /** Its partner on a separate supply, its reference; null: its device's common. */
  readonly readTo: string | null;
  /** Volts to the reference in each call. */
  readonly volts: ReadonlyMap<CallId, number>;
  readonly isHot: ReadonlyMap<CallId, boolean>;
}

/** Expected volts at every terminal in every call of the job's thermostat. */
export const terminalTable = (harness: Harness, states: StatesByCall): TerminalRow[] => {
  const each = <T>(pick: (state: WiringState) => T): ReadonlyMap<CallId, T> =>
    new Map([...states].map(([call, state]) => [call, pick(state)]));
  return harness.devices.flatMap((device) =>
    [...device.terminals.filter(({ mark }) => mark === 'C'), ...readTerminals(device)].map(
      ({ mark, carries, readTo = null }) => {
        const node = `${device.id}.${mark}`;
        const volts = each((state) => state.volts.get(node) ?? 0);
        return {
          device: device.id,
          mark,
          carries,
          readTo,
          volts,
          isHot:
            readTo === null
              ? each((state) => state.hot.has(node))
              : new Map([...volts].map(([call, value]) => [call, value >= PULL_IN_VOLTS])),
        };
      },
    ),
  );
};

/** The facts with the valve reversed in unit and thermostat, for comparison. */
export const withValve = (facts: Facts, valve: 'O' | 'B'): Facts => ({
  ...facts,
  outdoorUnit: { ...facts.outdoorUnit, reversingValve: valve },
  thermostat: { ...facts.thermostat, valveSetting: valve },
});
