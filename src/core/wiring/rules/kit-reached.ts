import { heatInputs } from '../../job/banks';
import { kitRows } from '../../job/kit-rows';
import type { WiringRule } from './subject';

export const kitReached: WiringRule = {
  id: 'kit-reached',
  why: 'A bank with no W input never heats, whatever the thermostat calls.',
  check: ({ facts }) => {
    const inputs = heatInputs(facts);
    const banks = [...new Set(kitRows(facts).map(({ bank }) => bank))].filter((bank) => bank > inputs.length);
    if (banks.length === 0) return [];
    return [
      {
        severity: 'error',
        what: `Bank ${banks.join(' and ')} of the kit has no W input: the board has ${inputs.join(', ')}.`,
        fix: 'Correct the board’s inputs or the element’s bank; the kit’s wiring label shows which W runs which bank.',
        page: 'survey',
        fact: 'airHandler.wInputs',
      },
    ];
  },
};
