import { backupOutputs } from '../../control/outputs';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { Harness } from '../../wiring/harness';
import type { Cause } from '../cause';
import { callsNothing } from './calls-nothing';
import { type CauseEntry, entry, together } from './entry';

const inThermostat = (facts: Facts, change: Partial<Facts['thermostat']>): Facts => ({
  ...facts,
  thermostat: { ...facts.thermostat, ...change },
});
const inGates = (facts: Facts, change: Partial<Facts['gates']>): Facts => ({
  ...facts,
  gates: { ...facts.gates, ...change },
});

const SET_ANEW = 'Set it as the Setup card says, save it, and see that it stays.';
const HEATS = ['heat', 'heat-aux', 'emergency', 'furnace'] as const;

const setting = (
  id: string,
  words: string,
  weight: number,
  because: string,
  effect: Cause['effect'],
  applies: (facts: Facts, harness: Harness) => boolean,
  proves: readonly string[] = HEATS,
): CauseEntry =>
  entry(
    {
      id: `set:${id}`,
      words,
      kind: 'settings',
      weight,
      because,
      effect: { ...effect, ails: { settingsOff: [id], ...effect.ails } },
      confirm: 'Read the setting in the installer menu.',
      mend: SET_ANEW,
      proves,
    },
    applies,
  );

const always = () => true;
const hasBackup = (facts: Facts) =>
  backupOutputs(facts).aux !== undefined && (backupOf(facts) === 'fossil' || kitRows(facts).length > 0);
/** A thermostat without a sensor of its own knows no outdoor temperature, and holds nothing by it. */
const knowsOutdoor = ({ thermostat }: Facts) => thermostat.outdoorSensor !== 'none';

const silent =
  (id: string, words: string, weight: number, because: string): CauseEntry =>
  (facts, harness) =>
    setting(id, words, weight, because, callsNothing(harness), always)(facts, harness);

const gateBulb = (id: string, words: string, closesBelowF: number, because: string): CauseEntry =>
  setting(
    id,
    words,
    1,
    because,
    {
      facts: (facts) =>
        inGates(facts, { outdoorThermostats: facts.gates.outdoorThermostats.map((row) => ({ ...row, closesBelowF })) }),
    },
    ({ gates }) => gates.outdoorThermostats.length > 0,
  );

/** Below it a dial that is turned all the way down never closes, °F. */
const NEVER_F = -20;

export const settings: CauseEntry = together(
  setting(
    'valve',
    'Reversing-valve setting the wrong way about, O for B',
    3,
    'The commonest slip after a thermostat was changed: it heats when it should cool.',
    {
      facts: (facts) => inThermostat(facts, { valveSetting: facts.thermostat.valveSetting === 'O' ? 'B' : 'O' }),
    },
    ({ thermostat }) => thermostat.valveTerminals === 'O/B',
    ['heat', 'cool', 'defrost'],
  ),
  setting(
    'backup',
    'Backup set as the wrong kind, electric for fossil',
    2,
    'A menu’s default is electric; with a furnace both run at once, with strips the compressor is dropped.',
    {
      facts: (facts) =>
        inThermostat(facts, { backupSetting: facts.thermostat.backupSetting === 'fossil' ? 'electric' : 'fossil' }),
    },
    hasBackup,
  ),
  setting(
    'aux-lockout',
    'Backup locked out far too low',
    2,
    'Set low for the bill in spring, and forgotten.',
    { facts: (facts) => inGates(facts, { auxAboveF: NEVER_F }) },
    (facts) => hasBackup(facts) && knowsOutdoor(facts),
  ),
  setting(
    'compressor-lockout',
    'Compressor locked out far too high',
    2,
    'A changeover point from an old habit: the backup carries the house though the heat pump could.',
    { facts: (facts) => inGates(facts, { compressorBelowF: 50 }) },
    (facts) => hasBackup(facts) && knowsOutdoor(facts),
  ),
  setting(
    'droop',
    'Backup waits for a room too far short, or for too long',
    2,
    'A large droop saves strips, and is felt on the coldest nights.',
    {},
    hasBackup,
  ),
  setting(
    'hasty-backup',
    'Backup comes too soon',
    2,
    'A droop of nothing, or a stage that follows within minutes, shows on the bill alone.',
    {},
    hasBackup,
  ),
  setting(
    'active',
    'A value changed and never activated: the backup is still off in the menu',
    1.5,
    'Some menus keep a value only after a last step.',
    { facts: (facts) => inGates(facts, { auxAboveF: NEVER_F }) },
    (facts) => hasBackup(facts) && knowsOutdoor(facts),
  ),
  silent('switch', 'System switch off, or in the other season', 2, 'Met at every turn of the season.'),
  silent('control-type', 'Thermostat set for a data line in place of 24 V', 0.7, 'On thermostats that can do both.'),
  (facts, harness) =>
    setting(
      'stages',
      'Second stage not enabled',
      1.5,
      'A menu’s default is one stage.',
      { faults: ['stuck-open:thermostat R–Y2'] },
      ({ thermostat, outdoorUnit }) => thermostat.compressorOutputs === 2 && outdoorUnit.stages === 'two',
      ['heat', 'cool'],
    )(facts, harness),
  setting(
    'cycles',
    'Cycles an hour too many, or no minimum off',
    1,
    'A rate meant for a furnace makes a compressor start too often.',
    { ails: { isShortCycling: true } },
    always,
    ['heat'],
  ),
  setting(
    'schedule',
    'A schedule, hold or setback that nobody remembers',
    2,
    'The house is cold at the same hour every day.',
    {},
    always,
    [],
  ),
  gateBulb(
    'outdoor-dial',
    'Outdoor thermostat set too low, or its bulb in the sun',
    NEVER_F,
    'Dials are bumped; the afternoon sun warms a bulb.',
  ),
);
