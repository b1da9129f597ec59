import type { Signal } from '../../control/signal';
import { type Device, device, type DeviceId } from '../device';
import type { ContactId } from '../ids';

/** What a switch of two leads is, besides its leads. */
interface SeriesSwitch {
  /** Of its contact. */
  readonly id: ContactId;
  readonly label: string;
  readonly movedBy: Signal;
  readonly openWhy: string;
}

/** A safety switch with two leads, 1 and 2, that stands in series and opens on a signal. */
export const seriesSwitch = (deviceId: DeviceId, { id, label, movedBy, openWhy }: SeriesSwitch): Device =>
  device(deviceId, 'indoors', {
    terminals: [
      { mark: '1', carries: `${id}, in` },
      { mark: '2', carries: `${id}, out` },
    ],
    contacts: [{ id, label, from: '1', to: '2', movedBy, rests: 'closed', openWhy }],
  });
