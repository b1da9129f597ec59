import type { FuelKind } from '../../units/constants';
import { choiceFact, flagFact, numberFact, optionalNumberFact } from '../fact';
import { WITH_FURNACE } from './system';

const FUELS: readonly { value: FuelKind; label: string }[] = [
  { value: 'natural-gas', label: 'Natural gas' },
  { value: 'propane', label: 'Propane' },
  { value: 'fuel-oil', label: 'Oil' },
];

const BURNING_GAS = { path: 'furnace.fuel', is: ['natural-gas', 'propane'] } as const;
const ON_A_TANK = { path: 'furnace.fuel', is: ['propane'] } as const;
const BURNING_OIL = { path: 'furnace.fuel', is: ['fuel-oil'] } as const;

export const furnace = {
  fuel: choiceFact<FuelKind>({
    label: 'Fuel',
    place: 'closet',
    options: FUELS,
    assumed: 'natural-gas',
    onlyWhen: WITH_FURNACE,
  }),
  outputBtuh: numberFact({
    label: 'Output',
    place: 'closet',
    unit: 'Btu/h',
    min: 10_000,
    max: 200_000,
    step: 1000,
    assumed: 60_000,
    onlyWhen: WITH_FURNACE,
    why: 'From the rating plate: output, not input, derated for elevation.',
  }),
  efficiency: numberFact({
    label: 'Furnace efficiency (AFUE)',
    place: 'closet',
    unit: '%',
    isShare: true,
    min: 0.5,
    max: 1,
    step: 0.01,
    assumed: 0.9,
    onlyWhen: WITH_FURNACE,
    why: 'From the rating plate or the energy label. The economic balance point depends on it.',
  }),
  staging: choiceFact({
    label: 'Stage 2 comes on',
    place: 'closet',
    options: [
      { value: 'timer', label: 'By the furnace’s own timer' },
      { value: 'wire', label: 'Only when W2 is called' },
    ],
    assumed: 'timer',
    onlyWhen: WITH_FURNACE,
    why: 'With one heat output on the thermostat, a furnace with no staging timer never leaves low fire. A switch on its board sets this.',
  }),
  lowFireBtuh: optionalNumberFact({
    label: 'Output at low fire',
    place: 'closet',
    unit: 'Btu/h',
    min: 5_000,
    max: 200_000,
    step: 1000,
    assumed: null,
    none: 'not read yet',
    onlyWhen: WITH_FURNACE,
    why: 'From the rating plate of a two-stage furnace. If blank, two-thirds of full output is assumed.',
  }),
  interlock: choiceFact({
    label: 'Interlock',
    place: 'closet',
    options: [
      { value: 'none', label: 'None: thermostat only' },
      { value: 'relay', label: 'Relay: no Y while the furnace is called' },
      { value: 'kit', label: 'Fossil-fuel kit: relay and supply-air limit' },
    ],
    assumed: 'kit',
    onlyWhen: WITH_FURNACE,
    why: 'Opens Y while the furnace heats; with the limit, also until the coil has cooled.',
  }),
  supplyAirLimitF: numberFact({
    label: 'Supply-air limit opens Y at',
    place: 'closet',
    unit: '°F',
    min: 80,
    max: 160,
    step: 5,
    assumed: 110,
    onlyWhen: { path: 'furnace.interlock', is: ['kit'] },
    why: 'Head pressure climbs with the temperature at the coil.',
  }),
  supplyAirDifferentialF: numberFact({
    label: 'Supply-air limit differential',
    place: 'closet',
    unit: '°F',
    isDifference: true,
    min: 5,
    max: 30,
    assumed: 12,
    onlyWhen: { path: 'furnace.interlock', is: ['kit'] },
  }),
  tempersDefrost: flagFact({
    label: 'Furnace on in defrost',
    place: 'closet',
    assumed: false,
    onlyWhen: { path: 'furnace.interlock', is: ['none'] },
    why: 'The coil above the furnace is cold in defrost; the burner warms the air again. Only without an interlock: an interlock would stop the compressor mid-defrost.',
  }),
  lowGasSwitch: flagFact({
    label: 'Low-gas-pressure switch',
    place: 'closet',
    assumed: true,
    onlyWhen: ON_A_TANK,
    why: 'In series with the pressure switch, so the furnace never tries to light on an empty tank.',
  }),
  gasValveVA: numberFact({
    label: 'Gas valve',
    place: 'closet',
    unit: 'VA',
    min: 1,
    max: 25,
    step: 0.5,
    assumed: 10,
    onlyWhen: BURNING_GAS,
  }),
  burnerControl: choiceFact({
    label: 'Burner control',
    place: 'closet',
    options: [
      { value: 'board', label: 'W on the furnace’s board' },
      { value: 'own-transformer', label: 'T, T with its own 24 V, on a furnace with a board' },
      { value: 'two-wire', label: 'T, T alone: two wires, no board' },
    ],
    assumed: 'board',
    onlyWhen: BURNING_OIL,
    why: 'A burner control with its own transformer must never tie to the system transformer: use an isolation relay. Without a board a fan center is added: 24 V transformer and blower relay.',
  }),
};
