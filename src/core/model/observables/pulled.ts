import type { Moment } from '../../control/moment';
import type { FaultCode } from '../../control/scenario';
import { deviceIn } from '../../wiring/harness';
import { NO_EQUIPMENT_FAULTS } from '../equipment-faults';
import { operatingState } from '../operating-state';
import { type Asked, type ObservableKind } from './definition';

/** What runs, as one word: `none`, or the parts joined by `+`. */
export const RUNNING_PARTS = ['blower', 'compressor', 'backup'] as const;

/** What still runs with the thermostat off its base: all its contacts are open, even welded ones. */
const runningWithoutThermostat = ({ model: { facts }, bench, moment, given }: Asked): string => {
  const contacts = deviceIn(bench.harness, 'thermostat')?.contacts ?? [];
  const faults = [...moment.scenario.faults, ...contacts.map(({ id }): FaultCode => `stuck-open:${id}`)];
  const pulled: Moment = { ...moment, call: 'off', scenario: { ...moment.scenario, faults } };
  const works = operatingState(facts, bench, pulled, bench.at(facts, pulled), given.ails ?? NO_EQUIPMENT_FAULTS);
  const runs = {
    blower: works.isBlowerOn,
    compressor: works.isCompressorOn,
    backup: works.elementsOn.size > 0 || works.flame !== 'cold',
  };
  return RUNNING_PARTS.filter((part) => runs[part]).join('+') || 'none';
};

/** What still runs with the thermostat off its base. */
export const pulled: ObservableKind<'pulled'> = {
  key: () => 'control-volts/thermostat-pulled',
  read: (asked) => ({ kind: 'word', word: runningWithoutThermostat(asked) }),
};
