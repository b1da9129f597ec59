import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { WiringRule } from './subject';

export const defrostOutput: WiringRule = {
  id: 'defrost-output',
  why: 'Strips in defrost need an output of the outdoor board that calls them.',
  check: ({ facts }) =>
    backupOf(facts) === 'strips' &&
    facts.system.cabinet === 'split' &&
    reachableBanks(facts).length > 0 &&
    facts.outdoorUnit.stripsInDefrost &&
    facts.outdoorUnit.wTerminals === 'none'
      ? [
          {
            severity: 'warning',
            what: 'Strips are set to run in defrost, but the outdoor board has no W-out.',
            fix: 'Recheck the board, or choose no strips in defrost.',
            page: 'wiring',
            fact: 'outdoorUnit.wTerminals',
            fixBy: [{ path: 'outdoorUnit.stripsInDefrost', value: false }],
          },
        ]
      : [],
};
