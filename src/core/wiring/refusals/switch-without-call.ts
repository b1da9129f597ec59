import { backupOutputs } from '../../control/outputs';
import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const switchWithoutCall: Rule<Facts> = {
  id: 'switch-without-call',
  why: 'An outdoor thermostat goes in an AUX circuit; this job has none.',
  check: (facts) =>
    backupOf(facts) === 'strips' &&
    facts.gates.outdoorThermostats.length > 0 &&
    (backupOutputs(facts).aux === undefined || reachableBanks(facts).length === 0)
      ? [
          {
            severity: 'error',
            what: 'Outdoor thermostats, and no auxiliary call or no strips for them.',
            fix: 'Remove them, or correct the thermostat and the kit.',
            page: 'wiring',
            fact: 'gates.outdoorThermostats',
            fixBy: [{ path: 'gates.outdoorThermostats', value: [] }],
          },
        ]
      : [],
};
