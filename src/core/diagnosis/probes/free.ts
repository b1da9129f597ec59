import type { CallId } from '../../control/moment';
import { type Device, DEVICE_LABELS, type Spot } from '../../devices/device';
import type { Facts } from '../../job/document';
import type { MeterSetting } from '../../model/observable';
import { type Harness, sameRef, type TerminalRef } from '../../wiring/harness';
import type { Probe } from '../probe';
import { innerCoils, lowTwin, ohmsProbe, READ_AT, voltsProbe } from './terminals';

/** A device at a place, with all points for the leads. */
export interface ProbedDevice {
  readonly id: Device['id'];
  readonly label: string;
  readonly points: readonly { readonly mark: string; readonly words: string }[];
}

/** Points for the leads at a place: every screw but a sensor's, and coil leads without a screw. */
export const pointsAt = (harness: Harness, spot: Spot): readonly ProbedDevice[] =>
  harness.devices
    .filter((device) => device.spot === spot && READ_AT.has(device.id))
    .map((device) => ({
      id: device.id,
      label: DEVICE_LABELS[device.id],
      points: [
        ...device.terminals.filter(({ mark }) => !/^S\d$/.test(mark)).map(({ mark }) => ({ mark, words: mark })),
        ...innerCoils(device).map(({ from, label }) => ({ mark: from, words: `${label}’s lead` })),
      ],
    }));

/** Placement of a meter's leads, and its setting. */
export interface Metering {
  readonly red: TerminalRef;
  readonly black: TerminalRef;
  readonly by: MeterSetting | 'ohms';
}

/**
 * A reading between any two points at one place.
 * @param call that is on; ignored for ohms
 * @returns null if a point does not exist, or both are the same
 */
export const freeProbe = (
  facts: Facts,
  harness: Harness,
  spot: Spot,
  { red, black, by }: Metering,
  call: CallId,
): Probe | null => {
  const here = pointsAt(harness, spot);
  const pointOf = ({ device, mark }: TerminalRef) =>
    here.find(({ id }) => id === device)?.points.find((point) => point.mark === mark);
  if (sameRef(red, black) || !pointOf(red) || !pointOf(black)) return null;
  // A terminal to its own common is one reading, whichever lead is on it.
  const [one, other] = red.mark === 'C' ? [black, red] : [red, black];
  const said = ({ device }: TerminalRef) => DEVICE_LABELS[device];
  const words =
    one.device === other.device
      ? `${said(one)} ${pointOf(one)!.words}–${pointOf(other)!.words}`
      : `${said(one)} ${pointOf(one)!.words} to ${said(other)} ${pointOf(other)!.words}`;
  if (by === 'ohms') return ohmsProbe(facts, [one, other], spot, `${words}, ohms`);
  const high = voltsProbe(facts, [one, other], spot, words, call);
  return by === 'high' ? high : lowTwin(facts, high)[0]!;
};
