import { backupOutputs } from '../../control/outputs';
import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { WiringRule } from './subject';

export const backupCalled: WiringRule = {
  id: 'backup-called',
  why: 'A kit with no thermostat call can heat only in defrost.',
  check: ({ facts }) =>
    backupOf(facts) === 'strips' && reachableBanks(facts).length > 0 && backupOutputs(facts).aux === undefined
      ? [
          {
            severity: 'error',
            what: 'The thermostat has no heat terminal: nothing calls the strips, and there is no emergency heat.',
            fix: 'Fit a thermostat with an auxiliary output, or read its terminals again.',
            page: 'wiring',
            fact: 'thermostat.heatTerminals',
          },
        ]
      : [],
};
