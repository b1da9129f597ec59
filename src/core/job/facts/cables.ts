import { choiceFact, numberFact, recordsFact } from '../fact';

/** Function of a thermostat cable conductor, by color, as found. */
export interface ConductorUseRow {
  readonly colour: string;
  /** A function at the thermostat; empty while unknown. */
  readonly does: string;
}

const gauge = (label: string, place: 'wall' | 'yard') =>
  choiceFact({
    label,
    place,
    options: ([18, 20, 22, 24] as const).map((value) => ({ value, label: `${value} AWG` })),
    assumed: 18,
  });

export const cables = {
  thermostatGauge: gauge('Thermostat cable gauge', 'wall'),
  thermostatLengthFt: numberFact({
    label: 'Thermostat cable length',
    place: 'wall',
    unit: 'ft',
    min: 3,
    max: 500,
    step: 5,
    assumed: 50,
  }),
  thermostatConductors: numberFact({
    label: 'Thermostat cable conductors',
    place: 'wall',
    unit: '',
    min: 2,
    max: 10,
    assumed: 8,
    why: 'Leave a spare: the next repair needs it.',
  }),
  thermostatColours: recordsFact<ConductorUseRow>({
    label: 'Thermostat cable colors',
    place: 'wall',
    item: 'conductor',
    columns: { colour: 20, does: 20 },
    most: 12,
    assumed: [],
    why: 'As traced at the old thermostat: the plan keeps each conductor on its old function. Entered on the Changeout page.',
  }),
  outdoorGauge: gauge('Outdoor cable gauge', 'yard'),
  outdoorLengthFt: numberFact({
    label: 'Outdoor cable length',
    place: 'yard',
    unit: 'ft',
    min: 3,
    max: 500,
    step: 5,
    assumed: 35,
  }),
  outdoorConductors: numberFact({
    label: 'Outdoor cable conductors',
    place: 'yard',
    unit: '',
    min: 2,
    max: 10,
    assumed: 6,
  }),
  sensorRun: choiceFact({
    label: 'Outdoor sensor leads',
    place: 'yard',
    options: [
      { value: 'shared', label: 'In the cables to the boards' },
      { value: 'own', label: 'On their own shielded pair' },
    ],
    assumed: 'shared',
    onlyWhen: { path: 'thermostat.outdoorSensor', is: ['wired'] },
    why: 'A separate pair frees two conductors in each cable and keeps 24 V noise off the sensor.',
  }),
};
