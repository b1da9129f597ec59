import { choiceFact, numberFact, optionalNumberFact } from '../fact';
import { halfHours } from '../half-hours';
import { WITH_FURNACE } from './system';

const WHERE_BY_HOUR = { path: 'prices.byHour', is: ['peak'] } as const;

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
  byHour: choiceFact({
    label: 'Rate type',
    place: 'desk',
    options: [
      { value: 'flat', label: 'The same at all hours' },
      { value: 'peak', label: 'Time-of-use (higher in peak hours)' },
    ],
    assumed: 'flat',
    why: 'Where peak hours cost more, locking strips out then can pay off.',
  }),
  peakPerKWh: numberFact({
    label: 'Electricity in peak hours',
    place: 'desk',
    unit: '$/kWh',
    min: 0.01,
    max: 4,
    step: 0.01,
    assumed: 0.3,
    onlyWhen: WHERE_BY_HOUR,
  }),
  peakFromHour: choiceFact({
    label: 'Peak hours start',
    place: 'desk',
    options: halfHours(0, 23.5),
    assumed: 6,
    onlyWhen: WHERE_BY_HOUR,
  }),
  peakToHour: choiceFact({
    label: 'Peak hours end',
    place: 'desk',
    options: halfHours(0, 23.5),
    assumed: 10,
    onlyWhen: WHERE_BY_HOUR,
    why: 'May run past midnight. Same start and end: no peak hours.',
  }),
  demandPerKW: optionalNumberFact({
    label: 'Demand charge',
    place: 'desk',
    unit: '$/kW a month',
    min: 0.1,
    max: 100,
    step: 0.5,
    assumed: null,
    none: 'none',
    why: 'Billed on the highest 15 minutes of the month; strips that come on together set it.',
  }),
  fuelPerUnit: numberFact({
    label: 'Furnace fuel',
    place: 'desk',
    unit: '$/therm or gal',
    unitBy: {
      path: 'furnace.fuel',
      units: { 'natural-gas': '$/therm', propane: '$/gal', 'fuel-oil': '$/gal' },
    },
    min: 0.1,
    max: 30,
    step: 0.05,
    assumed: 2.4,
    onlyWhen: WITH_FURNACE,
    why: 'A therm of natural gas; a gallon of propane or oil.',
  }),
};
