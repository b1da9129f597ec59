import { type DeviceId, readTerminals, referenceOf } from '../devices/device';
import type { Facts } from '../job/document';
import type { Reading, ReadingValue } from '../job/reading';
import { PULL_IN_VOLTS } from '../units/control-volts';
import type { Harness, TerminalRef } from '../wiring/harness';
import type { WiringState } from '../wiring/state';
import { observationKey, observedNow } from './observable';

/** A terminal at a place where someone stands with a meter: what it should read to common, and what was read. */
export interface TerminalVolts {
  readonly ref: TerminalRef;
  readonly carries: string;
  /** Where the other probe goes. */
  readonly to: TerminalRef;
  /** To there, V. */
  readonly volts: number;
  readonly isHot: boolean;
  /** What was read there under this call; null: nothing yet. */
  readonly read: ReadingValue | null;
}

/** The terminals of a device, each with where it is read to. */
export interface PlaceVolts {
  readonly device: DeviceId;
  readonly terminals: readonly TerminalVolts[];
}

/**
 * Volts to expect for a call, place by place, as someone with a meter walks them; what was read stands next to.
 * A device without a common of its own is read to the one that has the transformer.
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
