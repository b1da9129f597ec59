import { bankCoilId } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import { bankGroups } from '../plan/bank-groups';
import type { WiringRule } from './subject';

export const auxPassesThermostats: WiringRule = {
  id: 'aux-passes-thermostats',
  why: 'An outdoor thermostat that the auxiliary call goes round gates nothing.',
  check: ({ facts, mild }) => {
    if (backupOf(facts) === 'fossil') return [];
    const gated = bankGroups(facts).filter(({ outdoorThermostat }) => outdoorThermostat !== null);
    return gated.flatMap(({ banks, outdoorThermostat }): Found[] => {
      const runs = banks.filter((bank) => mild.get('heat-aux')!.energised.has(bankCoilId(bank)));
      if (runs.length === 0) return [];
      return [
        {
          severity: 'error',
          what: `Auxiliary heat brings bank ${runs.join(' and ')} with outdoor thermostat ${outdoorThermostat} open.`,
          mend: 'Land the auxiliary call on the thermostat’s in side alone; no jumper past it.',
          page: 'wiring',
          at: `outdoor-thermostats.${outdoorThermostat} in`,
        },
      ];
    });
  },
};
