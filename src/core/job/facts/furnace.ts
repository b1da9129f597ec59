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
    why: 'From the plate: output, not input; at elevation as derated.',
  }),
  efficiency: numberFact({
    label: 'Efficiency',
    place: 'closet',
    unit: 'of 1',
    min: 0.5,
    max: 1,
    step: 0.01,
    assumed: 0.9,
    onlyWhen: WITH_FURNACE,
    why: 'Share of the fuel’s heat that reaches the air. The economic balance hangs on it.',
  }),
  staging: choiceFact({
    label: 'Stage 2 comes',
    place: 'closet',
    options: [
      { value: 'timer', label: 'By the furnace’s own timer' },
      { value: 'wire', label: 'Only when W2 is called' },
    ],
    assumed: 'timer',
    onlyWhen: WITH_FURNACE,
    why: 'Where the thermostat has one heat output, a furnace without a timer never leaves low fire. A switch on its board says which.',
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
    why: 'From the plate of a two-stage furnace. Without it, two thirds of the output is taken.',
  }),
  interlock: choiceFact({
    label: 'Interlock',
    place: 'closet',
    options: [
      { value: 'none', label: 'None: the thermostat alone' },
      { value: 'relay', label: 'Relay: no Y while the furnace is called' },
      { value: 'kit', label: 'Fossil-fuel kit: relay and supply-air limit' },
    ],
    assumed: 'kit',
    onlyWhen: WITH_FURNACE,
    why: 'Opens Y while the furnace heats; with the limit also while the air at the coil is still hot.',
  }),
  supplyAirLimitF: numberFact({
    label: 'Supply-air limit opens Y above',
    place: 'closet',
    unit: '°F',
    min: 80,
    max: 160,
    step: 5,
    assumed: 110,
    onlyWhen: { path: 'furnace.interlock', is: ['kit'] },
    why: 'The refrigerant’s pressure climbs with the air at the coil.',
  }),
  supplyAirDifferentialF: numberFact({
    label: 'Lets it back after falling',
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
    why: 'The coil above the furnace is cold in defrost, and the burner warms the air again. Only without an interlock: one would stop the compressor in the middle of it.',
  }),
  lowGasSwitch: flagFact({
    label: 'Low-gas-pressure switch',
    place: 'closet',
    assumed: true,
    onlyWhen: ON_A_TANK,
    why: 'In series with the pressure switch: the furnace never tries to fire on an empty tank.',
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
    why: 'A burner control with a transformer of its own must not meet the other: an isolation relay keeps them apart. Without a board a fan center is added: 24 V transformer and blower relay.',
  }),
};
