import type { WiringRule } from './subject';

export const kitReached: WiringRule = {
  id: 'kit-reached',
  why: 'A bank that no W input brings never heats, however the thermostat calls.',
  check: ({ facts }) => {
    const inputs = facts.airHandler.wInputs === 'W1' ? 1 : 2;
    const banks = [...new Set(facts.heatKit.elements.map(({ bank }) => bank))].filter((bank) => bank > inputs);
    if (banks.length === 0) return [];
    return [
      {
        severity: 'error',
        what: `Bank ${banks.join(' and ')} of the kit has no W input: the board has ${inputs === 1 ? 'W1 only' : 'W1 and W2'}.`,
        mend: 'Correct the board’s inputs or the element’s bank; the kit’s own wiring label says which W brings which bank.',
        page: 'sheet',
        fact: 'airHandler.wInputs',
      },
    ];
  },
};
