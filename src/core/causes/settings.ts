import { backupOutputs } from '../control/outputs';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Harness } from '../wiring/harness';
import { callsNothing } from './calls-nothing';
import type { Cause } from './cause';
import { type CauseEntry, entry, together } from './entry';

const inThermostat = (facts: Facts, change: Partial<Facts['thermostat']>): Facts => ({
  ...facts,
  thermostat: { ...facts.thermostat, ...change },
});
const inGates = (facts: Facts, change: Partial<Facts['gates']>): Facts => ({
  ...facts,
  gates: { ...facts.gates, ...change },
});

const SET_ANEW = 'Set it to the Setup card, save, and confirm it holds.';
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
      fix: SET_ANEW,
      proves,
    },
    applies,
  );

const always = () => true;
const hasBackup = (facts: Facts) =>
  backupOutputs(facts).aux !== undefined && (backupOf(facts) === 'fossil' || kitRows(facts).length > 0);
/** A thermostat without its own sensor knows no outdoor temperature and locks nothing out by it. */
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

/** Outdoor temperature below which a dial turned all the way down never closes, °F. */
const NEVER_F = -20;

export const settings: CauseEntry = together(
  setting(
    'valve',
    'Reversing-valve setting backward: O set for B',
    3,
    'The most common mistake after a thermostat swap: it heats when it should cool.',
    {
      facts: (facts) => inThermostat(facts, { valveSetting: facts.thermostat.valveSetting === 'O' ? 'B' : 'O' }),
    },
    ({ thermostat }) => thermostat.valveTerminals === 'O/B',
    ['heat', 'cool', 'defrost'],
  ),
  setting(
    'backup',
    'Backup type set wrong: electric instead of fossil',
    2,
    'The factory default is electric: with a furnace, both then run at once. Set to fossil where strips are installed, it drops the compressor.',
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
    'Set low in spring to save money, then forgotten.',
    { facts: (facts) => inGates(facts, { auxAboveF: NEVER_F }) },
    (facts) => hasBackup(facts) && knowsOutdoor(facts),
  ),
  setting(
    'compressor-lockout',
    'Compressor locked out far too high',
    2,
    'A changeover set by old habit: backup heats the house when the heat pump could.',
    { facts: (facts) => inGates(facts, { compressorBelowF: 50 }) },
    (facts) => hasBackup(facts) && knowsOutdoor(facts),
  ),
  setting(
    'droop',
    'Droop or delay before backup too large',
    2,
    'A large droop saves strip heat but is felt on the coldest nights.',
    {},
    hasBackup,
  ),
  setting(
    'hasty-backup',
    'Backup comes on too soon',
    2,
    'Zero droop, or a stage delay of a few minutes, shows only on the bill.',
    {},
    hasBackup,
  ),
  setting(
    'active',
    'Setting changed but never activated: backup still off',
    1.5,
    'Some menus save a value only after a final step.',
    { facts: (facts) => inGates(facts, { auxAboveF: NEVER_F }) },
    (facts) => hasBackup(facts) && knowsOutdoor(facts),
  ),
  silent('switch', 'System switch off, or in the wrong mode', 2, 'Common at every change of season.'),
  silent('control-type', 'Thermostat set to communicating instead of 24 V', 0.7, 'On thermostats that can do both.'),
  (facts, harness) =>
    setting(
      'stages',
      'Second stage not enabled',
      1.5,
      'The menu default is one stage.',
      { faults: ['stuck-open:thermostat R–Y2'] },
      ({ thermostat, outdoorUnit }) => thermostat.compressorOutputs === 2 && outdoorUnit.stages === 'two',
      ['heat', 'cool'],
    )(facts, harness),
  setting(
    'cycles',
    'Too many cycles per hour, or no minimum off time',
    1,
    'A furnace cycle rate starts a compressor too often.',
    { ails: { isShortCycling: true } },
    always,
    ['heat'],
  ),
  setting(
    'schedule',
    'Forgotten schedule, hold or setback',
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
    'Dials get bumped; afternoon sun warms the bulb.',
  ),
);
