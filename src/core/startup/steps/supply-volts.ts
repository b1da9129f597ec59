import type { Facts } from '../../job/document';
import { isFurnaceIndoors } from '../../job/indoor-supply';
import { kitRows } from '../../job/kit-rows';
import { type Fed, SERVICE_TOLERANCE, voltsMeaning } from '../../strips/volts-meaning';
import { suppliesOf, type SupplyId } from '../energy';
import { expectWithin } from '../expect';
import { serviceVoltsOf } from '../given';
import type { Item, StartupStep } from '../step';

const fedBy = (facts: Facts, id: SupplyId): Fed =>
  id === 'outdoor' ? 'motor' : id === 'air-handler' && isFurnaceIndoors(facts) ? 'furnace' : 'strips';

const LABELS: Partial<Record<SupplyId, string>> = { outdoor: 'Outdoor unit' };

const supplyItem = (facts: Facts, id: SupplyId, label: string): Item => {
  const volts = serviceVoltsOf(facts, id);
  return {
    id,
    of: { call: null, observable: { kind: 'line-volts', at: id, isLoaded: false } },
    label: LABELS[id] ?? label,
    unit: 'V',
    expect: () =>
      expectWithin(
        volts,
        SERVICE_TOLERANCE,
        SERVICE_TOLERANCE,
        `Service of ${volts} V; the unit’s plate may allow less`,
      ),
    explain: (value) =>
      typeof value === 'number' ? voltsMeaning(value, volts, SERVICE_TOLERANCE, fedBy(facts, id)) : null,
  };
};

export const supplyVolts: StartupStep = {
  id: 'supply-volts',
  title: 'Line voltage',
  why: (facts) =>
    kitRows(facts).length > 0
      ? 'Strips lose heat with the square of the voltage, and low voltage kills compressors.'
      : 'Low voltage kills compressors and blowers.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: ['live-measuring', ...(kitRows(facts).length > 0 ? (['one-leg-live'] as const) : []), 'moving-blades'],
    how: [
      'Leave panels on if the test points allow. Thermostat off.',
      isFurnaceIndoors(facts)
        ? 'Close the disconnects, breakers and the furnace’s switch. Leg to leg; at the furnace hot to neutral.'
        : 'Close the disconnects and breakers. Measure leg to leg.',
    ],
    call: 'off',
    waits: [],
    items: suppliesOf(facts).map(({ id, label }) => supplyItem(facts, id, label)),
  }),
};
