import type { Signal } from '../../control/signal';
import { type Device, device, type DeviceId } from '../device';
import type { ContactId } from '../ids';
import type { SafetyCircuit } from '../safety-circuit';

/** Properties of a two-lead switch besides its leads. */
interface SeriesSwitch {
  /** Of its contact. */
  readonly id: ContactId;
  readonly label: string;
  readonly movedBy: Signal;
  readonly openWhy: string;
  /** Omitted if it protects nothing, such as the utility's relay. */
  readonly safety?: SafetyCircuit;
}

/** A switch with two leads, 1 and 2, in series, that opens on a signal. */
export const seriesSwitch = (deviceId: DeviceId, { id, label, movedBy, openWhy, safety }: SeriesSwitch): Device =>
  device(deviceId, 'indoors', {
    terminals: [
      { mark: '1', carries: `${id}, in`, ...(safety ? { safety } : {}) },
      { mark: '2', carries: `${id}, out`, ...(safety ? { safety } : {}) },
    ],
    contacts: [{ id, label, from: '1', to: '2', movedBy, rests: 'closed', openWhy, ...(safety ? { safety } : {}) }],
  });
