import { type DeviceId, readTerminals, referenceOf } from '../devices/device';
import type { Facts } from '../job/document';
import type { Reading, ReadingValue } from '../job/reading';
import { PULL_IN_VOLTS } from '../units/control-volts';
import type { Harness, TerminalRef } from '../wiring/harness';
import type { WiringState } from '../wiring/state';
import { observationKey, observedNow } from './observation-key';

/** A terminal at a place: what it should read to common, and what was read. */
export interface TerminalVolts {
  readonly ref: TerminalRef;
  readonly carries: string;
  /** Terminal for the other lead. */
  readonly to: TerminalRef;
  /** Expected volts to it, V. */
  readonly volts: number;
  readonly isHot: boolean;
  /** Reading there on this call; null: none yet. */
  readonly read: ReadingValue | null;
}

/** Terminals of a device, each with the terminal it is read to. */
export interface PlaceVolts {
  readonly device: DeviceId;
  readonly terminals: readonly TerminalVolts[];
}

/**
 * Expected volts on a call, place by place in walking order, with the readings taken.
 * A device without its own common is read to the device with the transformer.
 */
export const placeVolts = (
  facts: Facts,
  harness: Harness,
  state: WiringState,
  readings: readonly Reading[],
): PlaceVolts[] => {
  const taken = observedNow(facts, readings);
  const powered = harness.devices.find(({ transformers }) => transformers.length > 0)!;
  return harness.devices.map((device) => {
    const { id } = device;
    return {
      device: id,
      terminals: readTerminals(device)
        .filter(({ isSplice }) => !isSplice)
        .map(({ mark, carries, readTo }): TerminalVolts => {
          const ref = { device: id, mark };
          const to = referenceOf(device, mark, powered.id);
          const observable = { kind: 'volts', between: [ref, to], meter: 'high' } as const;
          const node = `${id}.${mark}`;
          const volts = state.volts.get(node) ?? 0;
          return {
            ref,
            to,
            carries,
            volts,
            isHot: readTo === undefined ? state.hot.has(node) : volts >= PULL_IN_VOLTS,
            read: taken.get(observationKey(facts, { call: state.moment.call, observable }))?.value ?? null,
          };
        }),
    };
  });
};
