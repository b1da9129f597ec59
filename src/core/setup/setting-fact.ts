import { withDialSetting } from '../control/outdoor-thermostats';
import { type FactPath, factValue } from '../job/document';
import type { SettingFact, SettingValue } from './setting';

/** A fact that holds a setting's value as it is. */
export const plainFact = (path: FactPath, holds: SettingFact['holds']): SettingFact => ({
  path,
  holds,
  read: (facts) => factValue(facts, path) as SettingValue,
  write: (_facts, value) => value,
});

/** A yes-or-no fact that holds a setting that is on or off. */
export const flagAsOnOff = (path: FactPath, holds: SettingFact['holds']): SettingFact => ({
  path,
  holds,
  read: (facts) => (factValue(facts, path) ? 'on' : 'off'),
  write: (_facts, value) => value === 'on',
});

/** The dial of one outdoor thermostat, by its number from 1. */
export const outdoorThermostatDial = (number: number): SettingFact => ({
  path: 'gates.outdoorThermostats',
  holds: 'choice',
  read: ({ gates }) => gates.outdoorThermostats[number - 1]?.closesBelowF ?? null,
  write: (facts, value) => withDialSetting(facts, number, value as number),
});
