import { kitRows } from '../../job/kit-rows';
import type { LineSupply } from '../../model/observable';
import { jobKit } from '../../strips/from-job';
import { SERVICE_TOLERANCE, voltsMeaning } from '../../strips/volts-meaning';
import { expectWithin } from '../expect';
import type { Item, StartupStep } from '../step';

export const supplyVolts: StartupStep = {
  id: 'supply-volts',
  title: 'Supply volts',
  why: 'Strips lose heat with the square of the volts, and compressors do not forgive low ones.',
  applies: () => true,
  build: ({ facts }) => {
    const { serviceVolts, ratedVolts, blowerOnFirstCircuit } = facts.heatKit;
    const item = (id: LineSupply, label: string): Item => ({
      id,
      of: { call: null, observable: { kind: 'line-volts', at: id, isLoaded: false } },
      label,
      unit: 'V',
      expect: () =>
        expectWithin(
          serviceVolts,
          SERVICE_TOLERANCE,
          SERVICE_TOLERANCE,
          `Service of ${serviceVolts} V; the unit’s plate may allow less`,
        ),
      explain: (value) => (typeof value === 'number' ? voltsMeaning(value, serviceVolts) : null),
    });
    const circuits = kitRows(facts).length === 0 ? [] : jobKit(facts, ratedVolts).circuits;
    return {
      cautions: ['live-measuring', 'one-leg-live', 'moving-blades'],
      how: [
        'Panels on where the test points allow it. Thermostat off.',
        'Close the disconnects and breakers. Measure leg to leg.',
      ],
      call: 'off',
      waits: [],
      items: [
        ...circuits.map((_, at) => item(`kit-${at + 1}`, `Heat-kit circuit ${at + 1}`)),
        ...(blowerOnFirstCircuit && circuits.length > 0 ? [] : [item('air-handler', 'Air-handler supply')]),
        item('outdoor', 'Outdoor unit'),
      ],
    };
  },
};
