import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const oilInPackaged: Rule<Facts> = {
  id: 'oil-in-packaged',
  why: 'A packaged unit burns gas or propane.',
  check: (facts) =>
    facts.system.cabinet === 'packaged' && backupOf(facts) === 'fossil' && facts.furnace.fuel === 'fuel-oil'
      ? [
          {
            severity: 'error',
            what: 'A packaged unit with an oil burner.',
            fix: 'Choose gas or propane per the nameplate, or a split system.',
            page: 'wiring',
            fact: 'furnace.fuel',
            fixBy: [{ path: 'furnace.fuel', value: 'propane' }],
          },
        ]
      : [],
};
