import { choiceFact, numberFact, optionalNumberFact, tableFact } from '../fact';

/** A night of free cooling with everything off. */
export interface CoolDownRow {
  readonly fromF: number;
  readonly toF: number;
  readonly hours: number;
  /** Mean outdoor temperature of the night, °F. */
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
    why: 'The outdoor temperature the system is designed for; the heat loss is figured at it.',
  }),
  designBtuh: numberFact({
    label: 'Heat loss at design',
    place: 'desk',
    unit: 'Btu/h',
    min: 2000,
    max: 300_000,
    step: 500,
    assumed: 36_000,
    why: 'Sets one end of the load line, and with it the balance point and the heat kit size.',
  }),
  noLoadF: numberFact({
    label: 'No heat needed above',
    place: 'desk',
    unit: '°F',
    min: 45,
    max: 72,
    assumed: 62,
    why: 'People, sun and appliances heat the house for the last few degrees below setpoint.',
  }),
  heatSetpointF: numberFact({
    label: 'Heating setpoint',
    place: 'wall',
    unit: '°F',
    min: 50,
    max: 80,
    assumed: 68,
    why: 'Return air in heating runs close to this.',
  }),
  weight: choiceFact({
    label: 'House construction (mass)',
    place: 'wall',
    options: [
      { value: 'light', label: 'Light: panels, carpet' },
      { value: 'medium', label: 'Drywall on wood' },
      { value: 'heavy', label: 'Brick, block or tile' },
    ],
    assumed: 'medium',
    why: 'A heavy house cools and recovers slowly, which decides what a setback does.',
  }),
  coolDowns: tableFact<CoolDownRow>({
    label: 'Overnight cool-down',
    place: 'wall',
    item: 'night',
    columns: {
      fromF: { label: 'Room, start', unit: '°F', min: 40, max: 90, step: 0.5 },
      toF: { label: 'Room, end', unit: '°F', min: 30, max: 90, step: 0.5 },
      hours: { label: 'Hours between', unit: 'h', min: 1, max: 24, step: 0.5 },
      outdoorF: { label: 'Average outdoor', unit: '°F', min: -40, max: 65, step: 1 },
    },
    least: 0,
    most: 3,
    newRow: { fromF: 68, toF: 62, hours: 8, outdoorF: 25 },
    assumed: [],
    why: 'Two readings with all heat off, the first half an hour after shutoff. They show how long the house holds its heat.',
  }),
  timeConstantH: optionalNumberFact({
    label: 'House time constant (holds its heat for)',
    place: 'desk',
    unit: 'h',
    min: 4,
    max: 300,
    step: 1,
    assumed: null,
    none: 'not measured',
    why: 'Hours for the house to lose about two-thirds of its indoor–outdoor difference with the heat off. A logger file on Simulate gives it.',
  }),
};
