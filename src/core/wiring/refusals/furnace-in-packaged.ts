import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const furnaceInPackaged: Rule<Facts> = {
  id: 'furnace-in-packaged',
  why: 'A packaged unit with a gas section is interlocked by its maker, inside.',
  check: ({ system }) =>
    system.cabinet === 'packaged' && system.backup === 'furnace'
      ? [
          {
            severity: 'error',
            what: 'A packaged unit with a furnace is not planned here.',
            mend: 'Wire it as the unit’s own label says. Choose a split system, or electric backup.',
            page: 'wiring',
            fact: 'system.backup',
            mendBy: [{ path: 'system.backup', value: 'electric' }],
          },
        ]
      : [],
};
