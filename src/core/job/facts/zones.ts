import { choiceFact, optionalNumberFact } from '../fact';

export const zones = {
  smallestCfm: optionalNumberFact({
    label: 'Airflow, smallest zone only',
    place: 'closet',
    unit: 'CFM',
    min: 50,
    max: 3000,
    step: 10,
    assumed: null,
    none: 'no zones',
    why: 'CFM with every other damper closed, at the blower’s static, including bypass and damper leakage.',
  }),
  banksAlone: choiceFact({
    label: 'Banks allowed with one zone calling',
    place: 'closet',
    options: [
      { value: 'all', label: 'All of them' },
      { value: 'first', label: 'Bank 1 only' },
      { value: 'none', label: 'None' },
    ],
    assumed: 'all',
    why: 'Some zone boards lock out strips until two zones call.',
  }),
};
