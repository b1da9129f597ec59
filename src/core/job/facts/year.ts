import { optionalNumberFact, recordsFact, textFact } from '../fact';
import { WITH_FURNACE } from './system';

/** One lockout plan, as edited on the Balance page. Texts are parsed by `setup/ways`. */
export interface PlanRow {
  readonly name: string;
  readonly compressorBelow: string;
  readonly auxAbove: string;
  readonly backup: string;
  readonly tempering: string;
}

/** Inputs for a year's calculation. */
export const year = {
  weather: textFact({
    label: 'Weather year',
    place: 'desk',
    maxLength: 60,
    why: 'A built-in climate or an imported one. Blank uses the first built-in one.',
  }),
  electricKgPerKWh: optionalNumberFact({
    label: 'CO₂ of electricity',
    place: 'desk',
    unit: 'kg/kWh',
    min: 0,
    max: 2,
    step: 0.01,
    assumed: null,
    none: 'not given',
    why: 'From your utility. Leave blank to hide CO₂.',
  }),
  fuelKgPerUnit: optionalNumberFact({
    label: 'CO₂ of the fuel',
    place: 'desk',
    unit: 'kg/unit',
    min: 0,
    max: 30,
    step: 0.1,
    assumed: null,
    none: 'not given',
    onlyWhen: WITH_FURNACE,
    why: 'Per therm of gas, or per gallon of propane or oil.',
  }),
  ways: recordsFact<PlanRow>({
    label: 'Ways compared',
    place: 'desk',
    item: 'way',
    columns: { name: 60, compressorBelow: 20, auxAbove: 20, backup: 20, tempering: 10 },
    most: 6,
    assumed: [],
    why: 'Blank: the built-in plans.',
  }),
};
