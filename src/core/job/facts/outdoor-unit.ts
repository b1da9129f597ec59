import { choiceFact, flagFact, numberFact, optionalNumberFact, tableFact, textFact } from '../fact';

export const outdoorUnit = {
  name: textFact({ label: 'Outdoor unit', place: 'yard', why: 'As its data plate says: maker, model.' }),
  serial: textFact({ label: 'Serial number', place: 'yard', maxLength: 60 }),
  reversingValve: choiceFact({
    label: 'Reversing valve energised in',
    place: 'yard',
    options: [
      { value: 'O', label: 'Cooling (O)' },
      { value: 'B', label: 'Heating (B)' },
    ],
    assumed: 'O',
    why: 'The data plate or the wiring diagram inside the panel decides, never habit.',
  }),
  defrostControl: choiceFact({
    label: 'Defrost control',
    place: 'yard',
    options: [
      { value: 'time-temperature', label: 'Time and temperature' },
      { value: 'demand', label: 'Demand (two thermistors)' },
    ],
    assumed: 'time-temperature',
  }),
  defrostIntervalMin: choiceFact({
    label: 'Defrost interval jumper',
    place: 'yard',
    options: [30, 50, 60, 90].map((minutes) => ({ value: minutes, label: `${minutes} min` })),
    assumed: 90,
    why: '90 minutes in mild dry winters, 30 to 60 where cold is damp. A demand board has none.',
  }),
  stripsInDefrost: flagFact({ label: 'Strips on in defrost', place: 'yard', assumed: true, why: 'The board’s W output brings the strips, so that the registers do not blow cold. It needs a conductor home.' }),
  ratingPoints: tableFact<{ outdoorF: number; btuh: number; kW: number }>({
    label: 'Heating capacity',
    place: 'desk',
    item: 'rating point',
    columns: {
      outdoorF: { label: 'Outdoor', unit: '°F', min: -40, max: 75, step: 1 },
      btuh: { label: 'Heat', unit: 'Btu/h', min: 1000, max: 300_000, step: 100 },
      kW: { label: 'Power', unit: 'kW', min: 0.1, max: 40, step: 0.05 },
    },
    least: 2,
    most: 12,
    distinct: 'outdoorF',
    newRow: { outdoorF: 5, btuh: 15_000, kW: 2.4 },
    assumed: [
      { outdoorF: 47, btuh: 34_000, kW: 2.85 },
      { outdoorF: 17, btuh: 20_500, kW: 2.5 },
    ],
    why: 'From the unit’s own sheet, at 47 and 17 °F at least.',
  }),
  frostDerate: flagFact({ label: 'Take frost off the capacity', place: 'desk', assumed: true, why: 'A single-stage unit loses about a tenth of its heat to frost near 35 °F.' }),
  minOutdoorF: optionalNumberFact({ label: 'Unit stops itself below', place: 'yard', unit: '°F', min: -40, max: 45, assumed: null, none: 'no limit of its own' }),
  compressorRatedAmps: optionalNumberFact({ label: 'Compressor RLA', place: 'yard', unit: 'A', min: 1, max: 80, step: 0.1, assumed: null, none: 'not read yet', why: 'From the plate: measured amps are judged against it.' }),
  fanRatedAmps: optionalNumberFact({ label: 'Fan FLA', place: 'yard', unit: 'A', min: 0.1, max: 10, step: 0.1, assumed: null, none: 'not read yet' }),
  contactorVA: numberFact({ label: 'Contactor coil', place: 'yard', unit: 'VA', min: 1, max: 25, step: 0.5, assumed: 7 }),
  reversingValveVA: numberFact({ label: 'Reversing-valve coil', place: 'yard', unit: 'VA', min: 1, max: 25, step: 0.5, assumed: 9 }),
  boardVA: numberFact({ label: 'Defrost board', place: 'yard', unit: 'VA', min: 0.5, max: 25, step: 0.5, assumed: 2.5 }),
};
