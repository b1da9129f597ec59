import { numberFact } from '../fact';

export const house = {
  designOutdoorF: numberFact({
    label: 'Design outdoor temperature',
    place: 'desk',
    unit: '°F',
    min: -40,
    max: 40,
    assumed: 10,
    why: 'The cold that the system must carry; the heat-loss figure belongs to it.',
  }),
  designBtuh: numberFact({
    label: 'Heat loss at design',
    place: 'desk',
    unit: 'Btu/h',
    min: 2000,
    max: 300_000,
    step: 500,
    assumed: 36_000,
    why: 'One end of the load line; with it the balance point and the kit that is needed.',
  }),
  noLoadF: numberFact({
    label: 'No heat needed above',
    place: 'desk',
    unit: '°F',
    min: 45,
    max: 72,
    assumed: 62,
    why: 'People, sun and appliances carry the house for the last degrees under the setpoint.',
  }),
  heatSetpointF: numberFact({
    label: 'Heating setpoint',
    place: 'wall',
    unit: '°F',
    min: 50,
    max: 80,
    assumed: 68,
    why: 'Return air in heating is near it.',
  }),
};
