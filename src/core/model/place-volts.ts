import type { DeviceId } from '../devices/device';
import type { Facts } from '../job/document';
import type { Reading, ReadingValue } from '../job/reading';
import type { Harness, TerminalRef } from '../wiring/harness';
import type { WiringState } from '../wiring/state';
import { observationKey, observedNow } from './observable';

/** A terminal at a place where somebody stands with a meter: what it should read to common, and what was read. */
export interface TerminalVolts {
  readonly ref: TerminalRef;
  readonly carries: string;
  /** To the device's own common, V. */
  readonly volts: number;
  readonly isHot: boolean;
  /** What was read there under this call; null: nothing yet. */
  readonly read: ReadingValue | null;
}

/** The terminals of a device, and the common that they are read to. */
export interface PlaceVolts {
  readonly device: DeviceId;
  readonly common: TerminalRef;
  readonly terminals: readonly TerminalVolts[];
}

/**
 * Volts to expect for a call, place by place, as somebody with a meter walks them; what was read stands beside.
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
  return harness.devices.map(({ id, terminals }) => {
    const common = { device: terminals.some(({ mark }) => mark === 'C') ? id : powered.id, mark: 'C' };
    return {
      device: id,
      common,
      terminals: terminals
        .filter(({ mark, isSplice }) => mark !== 'C' && !isSplice)
        .map(({ mark, carries }): TerminalVolts => {
          const ref = { device: id, mark };
          const observable = { kind: 'volts', between: [ref, common], meter: 'high' } as const;
          const node = `${id}.${mark}`;
          return {
            ref,
            carries,
            volts: state.volts.get(node) ?? 0,
            isHot: state.hot.has(node),
            read: taken.get(observationKey(facts, { call: state.moment.call, observable }))?.value ?? null,
          };
        }),
    };
  });
};
