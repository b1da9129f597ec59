import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const faultHeatWithoutOutput: Rule<Facts> = {
  id: 'fault-heat-without-output',
  why: 'Heat on a fault needs the W-out terminal.',
  check: ({ outdoorUnit, system }) =>
    system.cabinet === 'split' && outdoorUnit.faultOutput === 'heat' && outdoorUnit.wTerminals === 'none'
      ? [
          {
            severity: 'error',
            what: 'The board is set to bring on heat on a fault, but it has no W-out.',
            fix: 'Recheck the board’s terminals.',
            page: 'wiring',
            fact: 'outdoorUnit.wTerminals',
            fixBy: [{ path: 'outdoorUnit.wTerminals', value: 'W-out' }],
          },
        ]
      : [],
};
