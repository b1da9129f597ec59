import { jobKit } from '../../strips/from-job';
import { expectWithin } from '../expect';
import type { Item, StartupStep } from '../step';

/** A supply may stray this share from the service's nominal volts. */
const SERVICE_TOLERANCE = 0.05;

export const supplyVolts: StartupStep = {
  id: 'supply-volts',
  title: 'Supply volts',
  why: 'Strips lose heat with the square of the volts, and compressors do not forgive low ones.',
  applies: () => true,
  build: ({ facts }) => {
    const { serviceVolts, elements, ratedVolts, blowerOnFirstCircuit } = facts.heatKit;
    const item = (id: string, label: string): Item => ({
      id,
      label,
      unit: 'V',
      expect: () => expectWithin(serviceVolts, SERVICE_TOLERANCE, SERVICE_TOLERANCE, `Service of ${serviceVolts} V; the unit’s plate may allow less`),
      explain: (value, grade) => {
        if (grade === 'pass' || typeof value !== 'number') return null;
        if (value < 10) return { means: 'Dead.', next: 'Breaker, disconnect, fuses: both poles.' };
        if (value > serviceVolts * 0.45 && value < serviceVolts * 0.6)
          return {
            means: 'Half the volts: one leg is lost, or the reading is leg to ground.',
            next: 'Leg to leg, then each leg to ground, at the breaker and here.',
          };
        return value < serviceVolts
          ? {
              means: 'Low supply.',
              next: 'Again under load and at the panel: a drop between the two is the conductor or a lug; low at the panel is for the utility.',
            }
          : { means: 'High supply.', next: 'Read at the panel; high there too is for the utility.' };
      },
    });
    const circuits = elements.length === 0 ? [] : jobKit(facts, ratedVolts).circuits;
    return {
      cautions: ['live-measuring', 'one-leg-live', 'moving-blades'],
      how: ['Panels on where the test points allow it. Thermostat off.', 'Close the disconnects and breakers. Measure leg to leg.'],
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
