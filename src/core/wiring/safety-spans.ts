import { type Contact, type Device, type DeviceId, nodeOf } from '../devices/device';
import { SAFETY_CIRCUITS, type SafetyCircuit } from '../devices/safety-circuit';
import type { Harness, TerminalRef } from './harness';
import type { Joined } from './joined';

/** A safety contact, or several in series, between two terminals of one device. */
export interface SafetySpan {
  readonly device: DeviceId;
  readonly circuit: SafetyCircuit;
  /** “float switch” */
  readonly words: string;
  /** Terminals on its two sides, `device.mark`. */
  readonly ends: readonly [string, string];
}

/** End of a chain of safety contacts from a point: the first terminal after it. */
const farEnd = (
  { terminals, contacts }: Device,
  from: string,
  taken: readonly Contact[],
): { readonly mark: string; readonly circuit: SafetyCircuit } | null => {
  for (const contact of contacts) {
    if (contact.safety === undefined || taken.includes(contact)) continue;
    const to = contact.from === from ? contact.to : contact.to === from ? contact.from : null;
    if (to === null) continue;
    if (terminals.some(({ mark }) => mark === to)) return { mark: to, circuit: contact.safety };
    const behind = farEnd({ terminals, contacts } as Device, to, [...taken, contact]);
    if (behind) return { mark: behind.mark, circuit: contact.safety };
  }
  return null;
};

/** Every safety contact of a harness between two terminals that someone could bridge. */
export const safetySpans = ({ devices }: Harness): readonly SafetySpan[] =>
  devices.flatMap((device) => {
    const order = device.terminals.map(({ mark }) => mark);
    return device.terminals.flatMap(({ mark }, at): SafetySpan[] => {
      const far = farEnd(device, mark, []);
      if (far === null || order.indexOf(far.mark) < at) return [];
      return [
        {
          device: device.id,
          circuit: far.circuit,
          words: SAFETY_CIRCUITS[far.circuit],
          ends: [nodeOf(device.id, mark), nodeOf(device.id, far.mark)],
        },
      ];
    });
  });

/** Safety contacts bypassed by conductors or jumpers: they no longer protect. */
export const bridgedSpans = (harness: Harness, joined: Joined): readonly SafetySpan[] =>
  safetySpans(harness).filter(({ ends: [one, other] }) => joined.areJoined(one, other));

/** The safety circuit of a terminal; null if none. */
export const safetyAt = ({ devices }: Harness, { device, mark }: TerminalRef): SafetyCircuit | null =>
  devices.find(({ id }) => id === device)?.terminals.find((terminal) => terminal.mark === mark)?.safety ?? null;
