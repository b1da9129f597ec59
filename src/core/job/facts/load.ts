import { choiceFact, numberFact, optionalNumberFact, tableFact } from '../fact';

/** A day of run hours from the thermostat. */
export interface RunDayRow {
  /** Mean outdoor temperature of the day, °F. */
  readonly outdoorF: number;
  readonly compressorHours: number;
  readonly backupHours: number;
}

/** Source of the house's load: a figure, run hours, a bill, or floor area and age. */
export const load = {
  from: choiceFact({
    label: 'House load taken from',
    place: 'desk',
    options: [
      { value: 'heat-loss', label: 'Heat-loss figure' },
      { value: 'run-time', label: 'Run hours' },
      { value: 'bill', label: 'Winter fuel bill' },
      { value: 'floor-area', label: 'Floor area and age' },
    ],
    assumed: 'heat-loss',
    why: 'The method with the narrowest band is the most reliable; balance point and backup size follow it.',
  }),
  heatLossIs: choiceFact({
    label: 'The heat-loss figure is',
    place: 'desk',
    options: [
      { value: 'room-by-room', label: 'Calculated room by room' },
      { value: 'whole-house', label: 'Calculated for the whole house' },
      { value: 'guess', label: 'A guess, or taken from the old furnace' },
    ],
    assumed: 'whole-house',
    why: 'Sets how wide a band is drawn around the load.',
  }),
  runDays: tableFact<RunDayRow>({
    label: 'Run hours, day by day',
    place: 'desk',
    item: 'day',
    columns: {
      outdoorF: { label: 'Average outdoor', unit: '°F', min: -40, max: 65, step: 1 },
      compressorHours: { label: 'Compressor', unit: 'h', min: 0, max: 24, step: 0.5 },
      backupHours: { label: 'Backup', unit: 'h', min: 0, max: 24, step: 0.5 },
    },
    least: 0,
    most: 14,
    newRow: { outdoorF: 20, compressorHours: 14, backupHours: 0 },
    assumed: [],
    why: 'From the thermostat history: steady cold days with no setback.',
  }),
  billUnits: optionalNumberFact({
    label: 'Heating use on the bill',
    place: 'desk',
    unit: 'units',
    min: 1,
    max: 100_000,
    step: 10,
    assumed: null,
    none: 'no bill',
    why: 'Heating only: subtract hot water and cooking (use a summer bill).',
  }),
  billFuel: choiceFact({
    label: 'Units on the bill',
    place: 'desk',
    options: [
      { value: 'natural-gas', label: 'Therms of gas' },
      { value: 'propane', label: 'Gallons of propane' },
      { value: 'fuel-oil', label: 'Gallons of oil' },
      { value: 'electric', label: 'kWh of resistance heat' },
    ],
    assumed: 'natural-gas',
  }),
  billEfficiency: numberFact({
    label: 'Efficiency of the old equipment',
    place: 'desk',
    unit: '%',
    isShare: true,
    min: 0.4,
    max: 1,
    step: 0.01,
    assumed: 0.8,
    why: '100 % for resistance heat.',
  }),
  billDays: numberFact({ label: 'Days on the bill', place: 'desk', unit: 'days', min: 7, max: 366, assumed: 90 }),
  billDegreeDays: numberFact({
    label: 'Degree-days for those days',
    place: 'desk',
    unit: '°F·d',
    isDifference: true,
    min: 50,
    max: 15_000,
    step: 10,
    assumed: 3000,
    why: 'Of the nearest weather station, for the days of the bill.',
  }),
  billBaseF: numberFact({
    label: 'Degree-day base',
    place: 'desk',
    unit: '°F',
    min: 45,
    max: 72,
    assumed: 65,
    why: 'They are corrected to the temperature at which this house needs no heat. Use the cold months only.',
  }),
  floorFt2: optionalNumberFact({
    label: 'Heated floor area',
    place: 'desk',
    unit: 'ft²',
    min: 200,
    max: 20_000,
    step: 50,
    assumed: null,
    none: 'unknown',
  }),
  built: choiceFact({
    label: 'Built',
    place: 'desk',
    options: [
      { value: 'before-1950', label: 'Before 1950' },
      { value: '1950-1979', label: '1950 to 1979' },
      { value: '1980-1999', label: '1980 to 1999' },
      { value: '2000-2011', label: '2000 to 2011' },
      { value: 'after-2011', label: '2012 or later' },
    ],
    assumed: '1980-1999',
    why: 'Or the age it was upgraded to: new windows and insulation count, paint does not.',
  }),
};
