import { numberFact } from '../fact';

export const prices = {
  electricPerKWh: numberFact({ label: 'Electricity', place: 'desk', unit: '$/kWh', min: 0.01, max: 2, step: 0.01, assumed: 0.15 }),
};
