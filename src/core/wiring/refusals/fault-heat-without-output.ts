import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const faultHeatWithoutOutput: Rule<Facts> = {
  id: 'fault-heat-without-output',
  why: 'Heat on a fault comes out of W-out.',
  check: ({ outdoorUnit, system }) =>
    system.cabinet === 'split' && outdoorUnit.faultOutput === 'heat' && outdoorUnit.wTerminals === 'none'
      ? [
          {
            severity: 'error',
            what: 'The board is said to bring heat on a fault, and has no W-out.',
            mend: 'Read the board’s terminals again.',
            page: 'wiring',
            fact: 'outdoorUnit.wTerminals',
            mendBy: [{ path: 'outdoorUnit.wTerminals', value: 'W-out' }],
          },
        ]
      : [],
};
