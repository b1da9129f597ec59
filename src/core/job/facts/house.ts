import { choiceFact, numberFact, optionalNumberFact, tableFact } from '../fact';

/** A night on which the house cooled with everything off. */
export interface CoolDownRow {
  readonly fromF: number;
  readonly toF: number;
  readonly hours: number;
  /** Mean outdoor temperature meanwhile, °F. */
  readonly outdoorF: number;
}

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
  weight: choiceFact({
    label: 'Inside, the house is',
    place: 'wall',
    options: [
      { value: 'light', label: 'Light: panels, carpet' },
      { value: 'medium', label: 'Drywall on wood' },
      { value: 'heavy', label: 'Brick, block or tile' },
    ],
    assumed: 'medium',
    why: 'A heavy house cools slowly and climbs slowly: it decides what a setback does.',
  }),
  coolDowns: tableFact<CoolDownRow>({
    label: 'Overnight cool-down',
    place: 'wall',
    item: 'night',
    columns: {
      fromF: { label: 'Room at first', unit: '°F', min: 40, max: 90, step: 0.5 },
      toF: { label: 'Room at last', unit: '°F', min: 30, max: 90, step: 0.5 },
      hours: { label: 'Hours between', unit: 'h', min: 1, max: 24, step: 0.5 },
      outdoorF: { label: 'Outdoor, mean', unit: '°F', min: -40, max: 65, step: 1 },
    },
    least: 0,
    most: 3,
    newRow: { fromF: 68, toF: 62, hours: 8, outdoorF: 25 },
    assumed: [],
    why: 'Two readings with everything off, the first half an hour after it went off: they say how long the house holds its heat.',
  }),
  timeConstantH: optionalNumberFact({
    label: 'Holds its heat for',
    place: 'desk',
    unit: 'h',
    min: 4,
    max: 300,
    step: 1,
    assumed: null,
    none: 'not measured',
    why: 'Hours in which it loses two thirds of what sets it apart from outdoors. A logger’s file gives it, on Day run.',
  }),
};
