import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const switchGatesNothing: Rule<Facts> = {
  id: 'switch-gates-nothing',
  why: 'Each outdoor thermostat controls a bank the board can energize.',
  check: (facts) =>
    backupOf(facts) === 'strips' &&
    facts.gates.outdoorThermostats.some(({ bank }) => bank > 0 && !reachableBanks(facts).includes(bank))
      ? [
          {
            severity: 'error',
            what: 'An outdoor thermostat is set to a bank the kit or board does not have.',
            fix: 'Correct its bank, the elements’ banks or the board’s inputs.',
            page: 'wiring',
            fact: 'gates.outdoorThermostats',
          },
        ]
      : [],
};
