import { choiceFact, numberFact } from '../fact';

const gauge = (label: string, place: 'wall' | 'yard') =>
  choiceFact({
    label,
    place,
    options: ([18, 20, 22, 24] as const).map((value) => ({ value, label: `${value} AWG` })),
    assumed: 18,
  });

export const cables = {
  thermostatGauge: gauge('Thermostat cable', 'wall'),
  thermostatLengthFt: numberFact({
    label: 'Its length',
    place: 'wall',
    unit: 'ft',
    min: 3,
    max: 500,
    step: 5,
    assumed: 50,
  }),
  thermostatConductors: numberFact({
    label: 'Its conductors',
    place: 'wall',
    unit: '',
    min: 2,
    max: 10,
    assumed: 8,
    why: 'Leave a spare: the next repair needs it.',
  }),
  outdoorGauge: gauge('Outdoor cable', 'yard'),
  outdoorLengthFt: numberFact({
    label: 'Its length',
    place: 'yard',
    unit: 'ft',
    min: 3,
    max: 500,
    step: 5,
    assumed: 35,
  }),
  outdoorConductors: numberFact({ label: 'Its conductors', place: 'yard', unit: '', min: 2, max: 10, assumed: 6 }),
};
