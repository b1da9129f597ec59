import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const boardInPackaged: Rule<Facts> = {
  id: 'board-in-packaged',
  why: 'In a packaged unit the board’s heat output is factory-wired.',
  check: ({ system, outdoorUnit }) =>
    system.cabinet === 'packaged' && (outdoorUnit.wTerminals === 'W-in+W-out' || outdoorUnit.faultOutput === 'lamp')
      ? [
          {
            severity: 'error',
            what: 'A packaged unit has no W-in and no lamp output to land a conductor on.',
            fix: 'Correct the board’s terminals.',
            page: 'wiring',
            fact: 'outdoorUnit.wTerminals',
            fixBy: [
              { path: 'outdoorUnit.wTerminals', value: 'W-out' },
              { path: 'outdoorUnit.faultOutput', value: 'none' },
            ],
          },
        ]
      : [],
};
