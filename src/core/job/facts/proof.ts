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

/** A limit from a nameplate, chart or manual: readings are judged against it once it is typed. */
const limit = ({ step = 1, place = 'closet', ...rest }: Limit) =>
  optionalNumberFact({ ...rest, step, place, assumed: null, none: 'not typed yet' });

/** Tolerance of a lockout, °F: the usual value until a better one is typed. */
const tolerance = (
  fact: Pick<Parameters<typeof numberFact>[0], 'label' | 'place' | 'max' | 'assumed' | 'why' | 'onlyWhen'>,
) => numberFact({ ...fact, unit: '°F', isDifference: true, min: 0, step: 0.5 });

/** Limits for the startup besides the nameplates, and what the crew is licensed for. Asked on Startup. */
export const proof = {
  fuelWork: flagFact({
    label: 'Licensed for gas and oil work',
    place: 'desk',
    assumed: false,
    onlyWhen: WITH_FURNACE,
    why: 'Gas and oil readings are taken by a licensed tech only.',
  }),
  refrigerantWork: flagFact({
    label: 'EPA 608 certified (refrigerant)',
    place: 'desk',
    assumed: false,
    why: 'Superheat, subcooling and charge: EPA-certified tech only.',
  }),
  refrigerantBurns: flagFact({
    label: 'A2L refrigerant (mildly flammable)',
    place: 'yard',
    assumed: false,
    why: 'The nameplate shows A2L. The leak sensor is then tested too.',
  }),
  riseFromF: limit({
    label: 'Minimum rise, from the rating plate',
    unit: '°F',
    min: 10,
    max: 100,
    isDifference: true,
    onlyWhen: WITH_FURNACE,
  }),
  riseToF: limit({
    label: 'Maximum rise, from the rating plate',
    unit: '°F',
    min: 10,
    max: 120,
    isDifference: true,
    onlyWhen: WITH_FURNACE,
  }),
  inputBtuh: limit({
    label: 'Input, from the rating plate',
    unit: 'Btu/h',
    min: 10_000,
    max: 250_000,
    step: 1000,
    onlyWhen: WITH_FURNACE,
    why: 'For this elevation. The clocked input, or nozzle and pump pressure, is compared with it.',
  }),
  inletLeastInWc: limit({
    label: 'Minimum inlet pressure',
    unit: 'in. w.c.',
    min: 1,
    max: 20,
    step: 0.1,
    onlyWhen: BURNING_GAS,
  }),
  inletMostInWc: limit({
    label: 'Maximum inlet pressure',
    unit: 'in. w.c.',
    min: 1,
    max: 20,
    step: 0.1,
    onlyWhen: BURNING_GAS,
  }),
  manifoldInWc: limit({
    label: 'Manifold pressure, from the rating plate',
    unit: 'in. w.c.',
    min: 0.5,
    max: 15,
    step: 0.1,
    onlyWhen: BURNING_GAS,
    why: 'High fire, at this elevation. If blank, the usual figure for the gas is used.',
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
    label: 'Gas heating value, Btu/ft³',
    unit: 'Btu',
    min: 500,
    max: 3500,
    onlyWhen: BURNING_GAS,
    why: 'Ask the utility. Natural gas is near 1,030, propane vapor near 2,500.',
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
    label: 'Gas-meter test dial',
    place: 'closet',
    options: ([0.5, 1, 2, 5] as const).map((value) => ({ value, label: `${value} ft³ per revolution` })),
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
    why: 'Per the manufacturer’s instructions or local code. It can be lower than the built-in ceiling of 400 ppm air-free, never higher.',
  }),
  nozzleGph: limit({ label: 'Nozzle', unit: 'gal/h', min: 0.3, max: 3, step: 0.05, onlyWhen: BURNING_OIL }),
  pumpPsi: limit({
    label: 'Pump pressure, from the chart',
    unit: 'psi',
    min: 80,
    max: 250,
    step: 5,
    onlyWhen: BURNING_OIL,
    why: 'Nozzle and pressure together set the input: the manufacturer’s chart has both.',
  }),
  flueLeastF: limit({
    label: 'Minimum flue gas temperature',
    unit: '°F',
    min: 150,
    max: 500,
    onlyWhen: BURNING_OIL,
    why: 'Below this the flue gas condenses and the flue rusts.',
  }),
  flueMostF: limit({ label: 'Maximum flue gas temperature', unit: '°F', min: 200, max: 700, onlyWhen: BURNING_OIL }),
  safetyMostS: limit({
    label: 'Burner safety lockout time, maximum',
    unit: 's',
    min: 5,
    max: 120,
    onlyWhen: BURNING_OIL,
  }),
  lockedRotorAmps: limit({ label: 'Compressor LRA', unit: 'A', min: 5, max: 300, place: 'yard' }),
  hasCrankcaseHeater: flagFact({ label: 'Crankcase heater', place: 'yard', assumed: false }),
  hasSurgeProtector: flagFact({ label: 'Surge protector', place: 'yard', assumed: false }),
  hasLineGuard: flagFact({
    label: 'Line-voltage monitor',
    place: 'yard',
    assumed: false,
    why: 'Keeps the outdoor unit off for some minutes after bad line voltage.',
  }),
  guardDelayMin: limit({
    label: 'Monitor delay',
    unit: 'min',
    min: 0.5,
    max: 30,
    step: 0.5,
    place: 'yard',
    onlyWhen: { path: 'proof.hasLineGuard', is: [true] },
  }),
  leastMegohms: limit({
    label: 'Minimum megohms to ground',
    unit: 'MΩ',
    min: 0.5,
    max: 1000,
    step: 0.5,
    place: 'yard',
    why: 'Your crew’s own limit. Blank: windings are not tested to ground.',
  }),
  superheatF: limit({ label: 'Target superheat', unit: '°F', min: 0, max: 40, isDifference: true, place: 'yard' }),
  subcoolingF: limit({
    label: 'Target subcooling',
    unit: '°F',
    min: 0,
    max: 40,
    isDifference: true,
    place: 'yard',
  }),
  blowerTable: tableFact<{ staticInWc: number; cfm: number }>({
    label: 'Blower table (at the tap or setting in use)',
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
    why: 'From the blower door: CFM at each static pressure, on the tap in use.',
  }),
  sensorErrorF: tolerance({
    label: 'Outdoor sensor error, ±',
    place: 'wall',
    max: 10,
    assumed: 2,
    why: 'Plus or minus: sun, the wall behind it, and its own tolerance.',
  }),
  lockoutPlayF: tolerance({
    label: 'Lockout differential',
    place: 'wall',
    max: 10,
    assumed: 2,
    why: 'The differential that keeps a lockout from chattering at its own temperature.',
  }),
  dialErrorF: tolerance({
    label: 'Outdoor thermostat dial error, ±',
    place: 'yard',
    max: 15,
    assumed: 4,
    onlyWhen: WITH_STRIPS,
    why: 'Plus or minus. A dial without one-degree marks is set by eye.',
  }),
  measuredShare: optionalNumberFact({
    label: 'Measured capacity, % of rated',
    place: 'desk',
    unit: '%',
    isShare: true,
    min: 0.3,
    max: 1.3,
    step: 0.01,
    assumed: null,
    none: 'rated performance',
    why: 'Set from Startup with one tap. Balance point, backup and ruler use it; readings are still compared with the rated performance.',
  }),
};
