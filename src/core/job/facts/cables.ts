import { choiceFact, numberFact, recordsFact } from '../fact';

/** What a conductor of the thermostat cable was found to do, by its color. */
export interface KeptColourRow {
  readonly colour: string;
  /** A function at the wall; empty while it is not known. */
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
  thermostatColours: recordsFact<KeptColourRow>({
    label: 'Its colors',
    place: 'wall',
    item: 'conductor',
    columns: { colour: 20, does: 20 },
    most: 12,
    assumed: [],
    why: 'As traced at the old wall: the plan keeps a conductor for what it did. Entered on the Changeout page.',
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
  sensorRun: choiceFact({
    label: 'Outdoor sensor’s leads run',
    place: 'yard',
    options: [
      { value: 'shared', label: 'In the cables to the boards' },
      { value: 'own', label: 'On a shielded pair of their own' },
    ],
    assumed: 'shared',
    onlyWhen: { path: 'thermostat.outdoorSensor', is: ['wired'] },
    why: 'A pair of its own frees two conductors in both cables, and keeps the sensor from the noise of 24 V.',
  }),
};
