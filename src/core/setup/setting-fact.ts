import { withDialSetting } from '../control/outdoor-thermostats';
import { type FactPath, factValue } from '../job/document';
import type { SettingFact, SettingValue } from './setting';

/** A fact that stores a setting's value directly. */
export const plainFact = (path: FactPath, holds: SettingFact['holds']): SettingFact => ({
  path,
  holds,
  read: (facts) => factValue(facts, path) as SettingValue,
  write: (_facts, value) => value,
});

/** A yes-or-no fact that stores an on/off setting. */
export const flagAsOnOff = (path: FactPath, holds: SettingFact['holds']): SettingFact => ({
  path,
  holds,
  read: (facts) => (factValue(facts, path) ? 'on' : 'off'),
  write: (_facts, value) => value === 'on',
});

/** The dial of one outdoor thermostat, by number from 1. */
export const outdoorThermostatDial = (number: number): SettingFact => ({
  path: 'gates.outdoorThermostats',
  holds: 'choice',
  read: ({ gates }) => gates.outdoorThermostats[number - 1]?.closesBelowF ?? null,
  write: (facts, value) => withDialSetting(facts, number, value as number),
});
