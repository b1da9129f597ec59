import { numberFact } from '../fact';
import { WITH_FURNACE } from './system';

export const prices = {
  electricPerKWh: numberFact({
    label: 'Electricity',
    place: 'desk',
    unit: '$/kWh',
    min: 0.01,
    max: 2,
    step: 0.01,
    assumed: 0.15,
  }),
  fuelPerUnit: numberFact({
    label: 'Furnace fuel',
    place: 'desk',
    unit: '$/therm or gal',
    min: 0.1,
    max: 30,
    step: 0.05,
    assumed: 2.4,
    onlyWhen: WITH_FURNACE,
    why: 'A therm of natural gas; a gallon of propane or oil.',
  }),
};
