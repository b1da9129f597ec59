import { choiceFact, flagFact, numberFact, optionalNumberFact, tableFact } from '../fact';
import { WITH_FURNACE, WITH_STRIPS } from './system';

const BURNING_GAS = { path: 'furnace.fuel', is: ['natural-gas', 'propane'] } as const;
const ON_A_METER = { path: 'furnace.fuel', is: ['natural-gas'] } as const;
const BURNING_OIL = { path: 'furnace.fuel', is: ['fuel-oil'] } as const;

interface Limit {
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  readonly entryMax?: number;
  readonly step?: number;
  readonly isDifference?: boolean;
  readonly place?: 'yard' | 'closet';
  readonly onlyWhen?: { readonly path: string; readonly is: readonly (string | boolean)[] };
  readonly why?: string;
}

/** A limit from a plate, a chart or a manual: what is read is judged against it, and not before it is typed. */
const limit = ({ step = 1, place = 'closet', ...rest }: Limit) =>
  optionalNumberFact({ ...rest, step, place, assumed: null, none: 'not typed yet' });

/** How far a gate may be off, °F: what is usual until somebody types better. */
const tolerance = (
  fact: Pick<Parameters<typeof numberFact>[0], 'label' | 'place' | 'max' | 'assumed' | 'why' | 'onlyWhen'>,
) => numberFact({ ...fact, unit: '°F', isDifference: true, min: 0, step: 0.5 });

/** What a startup is judged against besides the plates of the Sheet, and what the crew may do. Asked for in Startup. */
export const proof = {
  fuelWork: flagFact({
    label: 'Licensed for fuel work',
    place: 'desk',
    assumed: false,
    onlyWhen: WITH_FURNACE,
    why: 'Gas and oil readings are taken by licensed people only.',
  }),
  refrigerantWork: flagFact({
    label: 'Licensed for refrigerant work',
    place: 'desk',
    assumed: false,
    why: 'Superheat, subcooling and charge are for licensed people only.',
  }),
  refrigerantBurns: flagFact({
    label: 'Refrigerant is mildly flammable',
    place: 'yard',
    assumed: false,
    why: 'Its plate says so (A2L). Its sensor is then tested too.',
  }),
  riseFromF: limit({
    label: 'Least rise on the plate',
    unit: '°F',
    min: 10,
    max: 100,
    isDifference: true,
    onlyWhen: WITH_FURNACE,
  }),
  riseToF: limit({
    label: 'Most rise on the plate',
    unit: '°F',
    min: 10,
    max: 120,
    isDifference: true,
    onlyWhen: WITH_FURNACE,
  }),
  inputBtuh: limit({
    label: 'Input on the plate',
    unit: 'Btu/h',
    min: 10_000,
    max: 250_000,
    step: 1000,
    onlyWhen: WITH_FURNACE,
    why: 'For this elevation. The clocked input, or nozzle and pump pressure, is judged against it.',
  }),
  inletLeastInWc: limit({
    label: 'Least inlet pressure',
    unit: 'in. w.c.',
    min: 1,
    max: 20,
    step: 0.1,
    onlyWhen: BURNING_GAS,
  }),
  inletMostInWc: limit({
    label: 'Most inlet pressure',
    unit: 'in. w.c.',
    min: 1,
    max: 20,
    step: 0.1,
    onlyWhen: BURNING_GAS,
  }),
  manifoldInWc: limit({
    label: 'Manifold on the plate',
    unit: 'in. w.c.',
    min: 0.5,
    max: 15,
    step: 0.1,
    onlyWhen: BURNING_GAS,
    why: 'At high fire, for this elevation. Without it the usual figure for the gas is taken.',
  }),
  manifoldLowInWc: limit({
    label: 'Manifold, low fire',
    unit: 'in. w.c.',
    min: 0.3,
    max: 12,
    step: 0.1,
    onlyWhen: BURNING_GAS,
  }),
  gasBtuPerFt3: limit({
    label: 'Gas heat per cubic foot',
    unit: 'Btu',
    min: 500,
    max: 3500,
    onlyWhen: BURNING_GAS,
    why: 'The utility tells it: natural gas is near 1,030, propane vapor near 2,500.',
  }),
  chamberPressure: choiceFact({
    label: 'Pressure over the fire',
    place: 'closet',
    options: [
      { value: 'negative', label: 'Below zero: it draws' },
      { value: 'positive', label: 'Above zero: listed forced draft' },
    ],
    assumed: 'negative',
    onlyWhen: BURNING_OIL,
    why: 'Only where the nameplate lists it as forced draft with a positive chamber is draft over the fire above zero.',
  }),
  draftLeastInWc: limit({
    label: 'Draft over the fire, minimum',
    unit: 'in. w.c.',
    min: -1,
    max: 2,
    step: 0.01,
    onlyWhen: { path: 'proof.chamberPressure', is: ['positive'] },
  }),
  draftMostInWc: limit({
    label: 'Draft over the fire, maximum',
    unit: 'in. w.c.',
    min: -1,
    max: 2,
    step: 0.01,
    onlyWhen: { path: 'proof.chamberPressure', is: ['positive'] },
  }),
  meterDialFt3: choiceFact({
    label: 'Dial of the gas meter',
    place: 'closet',
    options: ([0.5, 1, 2, 5] as const).map((value) => ({ value, label: `${value} ft³ a turn` })),
    assumed: 1,
    onlyWhen: ON_A_METER,
  }),
  mostCoPpm: limit({
    label: 'Maximum CO in the flue, air-free',
    unit: 'ppm',
    min: 1,
    max: 2000,
    entryMax: 400,
    onlyWhen: WITH_FURNACE,
    why: 'As the manufacturer’s instructions or the local code say. It can be lower than the built-in ceiling of 400 ppm air-free, never higher.',
  }),
  nozzleGph: limit({ label: 'Nozzle', unit: 'gal/h', min: 0.3, max: 3, step: 0.05, onlyWhen: BURNING_OIL }),
  pumpPsi: limit({
    label: 'Pump pressure, chart',
    unit: 'psi',
    min: 80,
    max: 250,
    step: 5,
    onlyWhen: BURNING_OIL,
    why: 'Nozzle and pressure together set the input: the maker’s chart has both.',
  }),
  flueLeastF: limit({
    label: 'Coldest flue gas',
    unit: '°F',
    min: 150,
    max: 500,
    onlyWhen: BURNING_OIL,
    why: 'Colder, it condenses and the flue rusts.',
  }),
  flueMostF: limit({ label: 'Hottest flue gas', unit: '°F', min: 200, max: 700, onlyWhen: BURNING_OIL }),
  safetyMostS: limit({
    label: 'Burner locks out within',
    unit: 's',
    min: 5,
    max: 120,
    onlyWhen: BURNING_OIL,
  }),
  lockedRotorAmps: limit({ label: 'Compressor LRA', unit: 'A', min: 5, max: 300, place: 'yard' }),
  hasCrankcaseHeater: flagFact({ label: 'Crankcase heater', place: 'yard', assumed: false }),
  hasSurgeProtector: flagFact({ label: 'Surge protector', place: 'yard', assumed: false }),
  hasLineGuard: flagFact({
    label: 'Line-voltage guard',
    place: 'yard',
    assumed: false,
    why: 'It holds the outdoor unit off for minutes after a bad supply.',
  }),
  guardDelayMin: limit({
    label: 'The guard waits',
    unit: 'min',
    min: 0.5,
    max: 30,
    step: 0.5,
    place: 'yard',
    onlyWhen: { path: 'proof.hasLineGuard', is: [true] },
  }),
  leastMegohms: limit({
    label: 'Least megohms to ground',
    unit: 'MΩ',
    min: 0.5,
    max: 1000,
    step: 0.5,
    place: 'yard',
    why: 'As the crew does it. Empty: windings are not tested to ground.',
  }),
  superheatF: limit({ label: 'Superheat to aim for', unit: '°F', min: 0, max: 40, isDifference: true, place: 'yard' }),
  subcoolingF: limit({
    label: 'Subcooling to aim for',
    unit: '°F',
    min: 0,
    max: 40,
    isDifference: true,
    place: 'yard',
  }),
  blowerTable: tableFact<{ staticInWc: number; cfm: number }>({
    label: 'Blower table at its tap or setting',
    place: 'closet',
    item: 'row',
    columns: {
      staticInWc: { label: 'External static', unit: 'in. w.c.', min: 0, max: 2, step: 0.05 },
      cfm: { label: 'Airflow', unit: 'CFM', min: 100, max: 4000, step: 5 },
    },
    least: 0,
    most: 16,
    distinct: 'staticInWc',
    newRow: { staticInWc: 0.5, cfm: 1200 },
    assumed: [],
    why: 'From the door of the blower: what it moves at each pressure, at the tap it stands on.',
  }),
  sensorErrorF: tolerance({
    label: 'Outdoor sensor may be off by',
    place: 'wall',
    max: 10,
    assumed: 2,
    why: 'Either way. Sun, a wall behind it, and its own tolerance.',
  }),
  lockoutPlayF: tolerance({
    label: 'A lockout lets go after',
    place: 'wall',
    max: 10,
    assumed: 2,
    why: 'Its play, so that it does not flutter at its own temperature.',
  }),
  dialErrorF: tolerance({
    label: 'An outdoor thermostat’s dial may be off by',
    place: 'yard',
    max: 15,
    assumed: 4,
    onlyWhen: WITH_STRIPS,
    why: 'Either way. A dial without marks for each degree is set by eye.',
  }),
  measuredShare: optionalNumberFact({
    label: 'Capacity as measured, share of the sheet',
    place: 'desk',
    unit: 'of 1',
    min: 0.3,
    max: 1.3,
    step: 0.01,
    assumed: null,
    none: 'the sheet’s figures',
    why: 'Taken over by a tap in Startup. Balance, backup and ruler are worked out with it; readings are still judged by the sheet.',
  }),
};
