import { apartF } from '../../units/degrees';
import { choiceSetting, numberSetting, ON_OFF, type Setting, type SetupContext, worked } from '../setting';
import { plainFact } from '../setting-fact';
import type { SettingId } from '../setting-id';

/** A room that has gained less than this since the backup came calls it again at once, °F. */
export const LEAST_RECOVERY_F = 1;

const backupHelps = ({ value }: SetupContext): string | null => {
  if (value('backup-source') === 'none') return 'There is no backup.';
  return value('backup-with-heat-pump') === 'emergency-only' ? 'The backup runs in emergency only.' : null;
};

const NEEDS_BACKUP = ['backup-source', 'backup-with-heat-pump'] as const satisfies readonly SettingId[];

/** When stages come, when they go, and how often. */
export const TIMING_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'response',
    label: 'Response',
    on: ['thermostat'],
    meaning:
      'How hard it chases the setpoint. Calm: long runs, the room swings about a degree and a half. Usual: about one degree. Brisk: half a degree, more starts, and later stages come sooner.',
    decidedBy: 'Comfort against starts and bill.',
    usual: 'usual',
    options: [
      { value: 'calm', label: 'Calm' },
      { value: 'usual', label: 'Usual' },
      { value: 'brisk', label: 'Brisk' },
    ],
    work: ({ facts: { talk } }) =>
      talk.leaning === 'cost'
        ? worked('calm', 'The house minds the bill: long runs spare starts and backup.')
        : worked('usual', 'A heat pump gives steady, mild heat: chasing it only brings the backup.'),
  }),
  numberSetting({
    id: 'droop',
    label: 'Droop before backup',
    on: ['thermostat'],
    meaning: 'How far the room may sag under the setpoint before the backup is called.',
    decidedBy: 'Comfort against cost, from the talk; or the way of doing it.',
    after: NEEDS_BACKUP,
    usual: 0,
    unit: '°F',
    isDifference: true,
    min: 0,
    max: 6,
    step: 0.5,
    none: 'by time alone',
    absent: backupHelps,
    work: ({ facts: { schools, talk } }) => {
      switch (schools.droop) {
        case 'comfort':
          return worked(0, 'Chosen: early, for comfort.');
        case 'degrees':
          return worked(3, `Chosen: after ${apartF(3)}.`);
        case 'time':
          return worked(null, 'Chosen: time decides.');
        case 'talk':
          if (talk.leaning === 'comfort') return worked(0, 'The house wants comfort before cost.');
          if (talk.leaning === 'cost')
            return worked(3, 'The house minds the bill: the compressor gets time to catch up.');
          return talk.hatesCoolAir
            ? worked(
                1,
                'The house wants some of both.',
                'Somebody hates lukewarm air: the backup comes a little sooner.',
              )
            : worked(2, 'The house wants some of both.');
      }
    },
  }),
  numberSetting({
    id: 'upstage-time',
    label: 'Next stage after',
    on: ['thermostat'],
    meaning: 'How long a stage runs short of the setpoint before the next is called.',
    decidedBy: 'Stages, and comfort against cost.',
    after: ['compressor-stages', ...NEEDS_BACKUP],
    usual: null,
    unit: 'min',
    min: 5,
    max: 120,
    step: 5,
    none: 'by temperature alone',
    work: (context) => {
      const { facts, value } = context;
      if (facts.schools.droop === 'time' && backupHelps(context) === null)
        return worked(
          facts.talk.leaning === 'cost' ? 60 : 30,
          'Chosen: backup after a time.',
          `The house leans to ${facts.talk.leaning === 'cost' ? 'the bill: an hour' : 'comfort: half an hour'}.`,
        );
      if (value('compressor-stages') === 2)
        return facts.talk.leaning === 'comfort'
          ? worked(10, 'Two stages; the house wants comfort.')
          : worked(20, 'Two stages: the low one does most of the work.');
      return worked(null, 'One stage, and the droop calls the backup.');
    },
  }),
  numberSetting({
    id: 'second-stage-least',
    label: 'First stage runs at least',
    on: ['thermostat', 'outdoor'],
    meaning: 'The least time from the first stage to the second, however far the room is short.',
    decidedBy: 'The compressor: oil and valve settle in the first stage. The maker’s figure wins.',
    after: ['compressor-stages', 'upstage-time'],
    usual: 5,
    unit: 'min',
    min: 0,
    max: 30,
    absent: ({ value }) => (value('compressor-stages') === 2 ? null : 'One compressor stage is called.'),
    work: () => worked(5, 'Long enough for the first stage to settle, short of the time that calls the second.'),
  }),
  numberSetting({
    id: 'board-backup-delay',
    label: 'Board waits before backup',
    on: ['indoor', 'outdoor'],
    meaning: 'Some boards count minutes of their own after the thermostat has called backup.',
    decidedBy: 'One clock is enough: the thermostat’s droop or time has waited already.',
    after: ['backup-source', 'droop', 'upstage-time'],
    usual: 0,
    unit: 'min',
    min: 0,
    max: 60,
    step: 5,
    absent: ({ value }) => (value('backup-source') === 'none' ? 'There is no backup.' : null),
    work: () => worked(0, 'The thermostat has waited already; a second wait comes on top of the first.'),
  }),
  numberSetting({
    id: 'aux-on-point',
    label: 'Backup comes on',
    on: ['thermostat', 'indoor'],
    meaning: 'How far under the setpoint the backup is switched on.',
    decidedBy: 'The droop.',
    after: ['droop', ...NEEDS_BACKUP],
    usual: 2,
    unit: '°F below',
    isDifference: true,
    min: 0.5,
    max: 8,
    step: 0.5,
    absent: backupHelps,
    work: ({ value }) => {
      const droopF = value('droop');
      if (droopF === 0) return worked(1, 'No droop: comfort means about one degree.');
      return typeof droopF === 'number'
        ? worked(droopF, `The droop, ${apartF(droopF)}.`)
        : worked(2, `Time calls the backup; ${apartF(2)} catches what time misses.`);
    },
  }),
  numberSetting({
    id: 'aux-off-point',
    label: 'Backup goes off',
    on: ['thermostat', 'indoor'],
    meaning: 'How far under the setpoint it is let go, so that the compressor finishes the climb.',
    decidedBy: 'The on-point, less the least recovery.',
    after: ['aux-on-point', ...NEEDS_BACKUP],
    usual: 1,
    unit: '°F below',
    isDifference: true,
    min: 0,
    max: 7,
    step: 0.5,
    absent: backupHelps,
    work: ({ value }) => {
      const onF = value('aux-on-point') as number;
      const offF = Math.max(0, Math.min(1, onF - LEAST_RECOVERY_F));
      return worked(
        offF,
        `Switched on ${apartF(onF)} below.`,
        `The room must recover at least ${apartF(LEAST_RECOVERY_F)}, or the backup cycles.`,
        ...(offF === 1 ? ['Let go one degree before the setpoint.'] : []),
      );
    },
  }),
  numberSetting({
    id: 'compressor-cycles',
    label: 'Compressor cycles',
    on: ['thermostat'],
    meaning: 'Most starts an hour at half load.',
    decidedBy: 'The compressor: oil and pressures want time.',
    usual: 3,
    unit: 'an hour',
    min: 1,
    max: 6,
    work: () => worked(3, 'Three starts an hour is what compressors are given.'),
  }),
  numberSetting({
    id: 'backup-cycles',
    label: 'Backup cycles',
    on: ['thermostat'],
    meaning: 'Most starts of the backup an hour.',
    decidedBy: 'The source: strips bear more, a furnace must cool down between.',
    after: ['backup-source'],
    usual: 6,
    unit: 'an hour',
    min: 1,
    max: 12,
    absent: ({ value }) => (value('backup-source') === 'none' ? 'There is no backup.' : null),
    work: ({ value }) =>
      value('backup-source') === 'fossil'
        ? worked(3, 'A furnace as second stage: three starts an hour leave it time to cool down.')
        : worked(6, 'Strips have no pressures to equalize and bear more starts.'),
  }),
  numberSetting({
    id: 'compressor-min-off',
    label: 'Compressor minimum off',
    on: ['thermostat', 'outdoor'],
    meaning: 'How long it rests before it may start again.',
    decidedBy: 'Pressures must equalize. The maker’s figure wins.',
    usual: 5,
    unit: 'min',
    min: 2,
    max: 15,
    fact: plainFact('thermostat.compressorMinOffMin', 'choice'),
    work: ({ facts: { schools } }) =>
      schools.minimumOff === 2
        ? worked(2, 'Chosen: 2 min, where pressures were seen to equalize.')
        : worked(5, 'The usual factory setting.'),
  }),
  numberSetting({
    id: 'compressor-min-on',
    label: 'Compressor minimum on',
    on: ['thermostat'],
    meaning: 'How long it runs once it has started.',
    decidedBy: 'Oil must come back to the compressor.',
    usual: 5,
    unit: 'min',
    min: 0,
    max: 15,
    work: () => worked(5, 'Long enough for oil to return.'),
  }),
  choiceSetting({
    id: 'adaptive-recovery',
    label: 'Adaptive recovery',
    on: ['thermostat'],
    meaning: 'Starts early so that the setpoint is reached on time, with the backup held back.',
    decidedBy: 'The schedule, and who sleeps lightly.',
    usual: 'on',
    options: ON_OFF,
    work: ({ facts: { talk } }) => {
      if (talk.schedule === 'steady')
        return worked('off', 'The house is kept steady: there is nothing to recover from.');
      return talk.lightSleepers
        ? worked('off', 'Somebody wakes at a noise before dawn: it would start hours early.')
        : worked('on', 'The house is cooler at night.', 'An early start spares the backup the morning climb.');
    },
  }),
  choiceSetting({
    id: 'learning-shift',
    label: 'Learning',
    on: ['thermostat'],
    meaning:
      'Some thermostats move the backup’s on-point by themselves after days that needed it. Most hide this and cannot be told otherwise.',
    decidedBy: 'The maker. Where it can be switched off, the on-point is what was set.',
    after: ['aux-on-point', ...NEEDS_BACKUP],
    usual: 'as-it-comes',
    options: [
      { value: 'as-it-comes', label: 'As it comes' },
      { value: 'off', label: 'Off' },
    ],
    absent: backupHelps,
    work: ({ value }) =>
      worked(
        'as-it-comes',
        `Set ${apartF(value('aux-on-point') as number)} below, it can come up to ${apartF(2)} sooner after days on which it came often: not a fault. Day run shows it.`,
      ),
  }),
];
