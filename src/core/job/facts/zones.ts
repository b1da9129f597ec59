import { choiceFact, optionalNumberFact } from '../fact';

export const zones = {
  smallestCfm: optionalNumberFact({
    label: 'Air of the smallest zone alone',
    place: 'closet',
    unit: 'CFM',
    min: 50,
    max: 3000,
    step: 10,
    assumed: null,
    none: 'no zones',
    why: 'With every other damper closed: what its ducts take at the blower’s static, bypass and leak-by in it.',
  }),
  banksAlone: choiceFact({
    label: 'Banks while one zone calls',
    place: 'closet',
    options: [
      { value: 'all', label: 'All of them' },
      { value: 'first', label: 'The first alone' },
      { value: 'none', label: 'None' },
    ],
    assumed: 'all',
    why: 'Some zone boards hold the strips until two zones call.',
  }),
};
