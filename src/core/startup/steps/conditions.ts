import type { StartupStep } from '../step';

export const conditions: StartupStep = {
  id: 'conditions',
  title: 'Conditions',
  why: 'Capacity, lockouts and every temperature rise hang on the outdoor temperature.',
  applies: () => true,
  build: () => ({
    cautions: [],
    how: ['Outdoors in the shade, away from the coil’s air. Indoors at the thermostat.'],
    call: null,
    waits: [],
    items: [
      {
        id: 'outdoor',
        of: { call: null, observable: { kind: 'temperature', at: 'outdoor' } },
        label: 'Outdoor temperature',
        unit: '°F',
        expect: () => ({ kind: 'record', sum: 'From here on, expected values are for this temperature.' }),
      },
      {
        id: 'indoor',
        of: { call: null, observable: { kind: 'temperature', at: 'indoor' } },
        label: 'Room temperature',
        unit: '°F',
        expect: () => ({ kind: 'record', sum: 'Set the thermostat well above it for heat, well below for cooling.' }),
      },
    ],
  }),
};
