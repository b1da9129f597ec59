import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const switchBesideThroughBoard: Rule<Facts> = {
  id: 'switch-beside-through-board',
  why: 'With a board that takes the AUX call in, the outdoor thermostat must be between the call and the board, inside the unit.',
  check: ({ system, outdoorUnit, gates }) =>
    backupOf({ system }) === 'strips' &&
    system.cabinet === 'split' &&
    outdoorUnit.wTerminals === 'W-in+W-out' &&
    outdoorUnit.stripsInDefrost &&
    gates.outdoorThermostats.length > 0 &&
    gates.outdoorThermostatsAt === 'beside'
      ? [
          {
            severity: 'error',
            what: 'Outdoor thermostats next to the unit, with a board that routes the auxiliary call through itself.',
            fix: 'Fit them in the outdoor unit.',
            page: 'wiring',
            fact: 'gates.outdoorThermostatsAt',
            fixBy: [{ path: 'gates.outdoorThermostatsAt', value: 'in-unit' }],
          },
        ]
      : [],
};
