import { bankCoilId } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import { bankGroups } from '../plan/bank-groups';
import type { WiringRule } from './subject';

export const auxPassesThermostats: WiringRule = {
  id: 'aux-passes-thermostats',
  why: 'An outdoor thermostat that the AUX call bypasses does nothing.',
  check: ({ facts, mild }) => {
    if (backupOf(facts) === 'fossil') return [];
    const groups = bankGroups(facts);
    const thermostats = [...new Set(groups.flatMap(({ outdoorThermostat }) => outdoorThermostat ?? []))];
    return thermostats.flatMap((outdoorThermostat): Found[] => {
      const behind = groups.filter((group) => group.outdoorThermostat === outdoorThermostat);
      const banks = behind.flatMap((group) => group.banks);
      const runs = banks.filter((bank) => mild.get('heat-aux')!.energized.has(bankCoilId(bank)));
      if (runs.length === 0) return [];
      return [
        {
          severity: 'error',
          what: `AUX brings on bank ${runs.join(' and ')} with outdoor thermostat ${outdoorThermostat} open.`,
          fix: 'Land the AUX call on the IN side of the outdoor thermostat only, with no jumper across it.',
          page: 'wiring',
          at: `outdoor-thermostats.${outdoorThermostat} in`,
          // A switch that locks out two inputs once gave two findings with one key.
          ...(behind.length > 1 ? { aspect: `banks ${banks.join(' and ')}` } : {}),
        },
      ];
    });
  },
};
