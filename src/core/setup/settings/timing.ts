import { apartF } from '../../units/degrees';
import { choiceSetting, numberSetting, ON_OFF, type Setting, type SetupContext, worked } from '../setting';
import { plainFact } from '../setting-fact';
import type { SettingId } from '../setting-id';

/** A room that gains less than this while backup runs calls it again at once, °F. */
export const LEAST_RECOVERY_F = 1;

const backupHelps = ({ value }: SetupContext): string | null => {
  if (value('backup-source') === 'none') return 'No backup heat on this job.';
  return value('backup-with-heat-pump') === 'emergency-only' ? 'Backup runs in emergency heat only.' : null;
};

const NEEDS_BACKUP = ['backup-source', 'backup-with-heat-pump'] as const satisfies readonly SettingId[];

/** Staging times and cycle rates. */
export const TIMING_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'response',
    label: 'Response',
    on: ['thermostat'],
    meaning:
      'How hard it chases setpoint. Calm: long runs, about 1.5° swing. Usual: about 1°. Brisk: 0.5°, more starts, later stages sooner.',
    decidedBy: 'Comfort versus cycling and cost.',
    usual: 'usual',
    options: [
      { value: 'calm', label: 'Calm' },
      { value: 'usual', label: 'Usual' },
      { value: 'brisk', label: 'Brisk' },
    ],
    work: ({ facts: { talk } }) =>
      talk.leaning === 'cost'
        ? worked('calm', 'They watch the bill: long runs save starts and backup.')
        : worked('usual', 'A heat pump gives steady, mild heat: chasing setpoint only brings on backup.'),
  }),
  numberSetting({
    id: 'droop',
    label: 'Droop before backup',
    on: ['thermostat'],
    meaning: 'How far the room may drop below setpoint before backup is called.',
    decidedBy: 'Comfort versus cost, from Talk; or your method choice.',
    after: NEEDS_BACKUP,
    usual: 0,
    unit: '°F',
    isDifference: true,
    min: 0,
    max: 6,
    step: 0.5,
    none: 'by time only',
    absent: backupHelps,
    work: ({ facts: { schools, talk } }) => {
      switch (schools.droop) {
        case 'comfort':
          return worked(0, 'Chosen: early, for comfort.');
        case 'degrees':
          return worked(3, `Chosen: after ${apartF(3)}.`);
        case 'time':
          return worked(null, 'Chosen: by time.');
        case 'talk':
          if (talk.leaning === 'comfort') return worked(0, 'They put comfort before cost.');
          if (talk.leaning === 'cost') return worked(3, 'They watch the bill: give the compressor time to catch up.');
          return talk.hatesCoolAir
            ? worked(1, 'They want some of both.', 'Someone dislikes lukewarm air: backup comes on a little sooner.')
            : worked(2, 'They want some of both.');
      }
    },
  }),
  numberSetting({
    id: 'upstage-time',
    label: 'Upstage time',
    on: ['thermostat'],
    meaning: 'How long a stage may run without reaching setpoint before the next is called.',
    decidedBy: 'Stages, and comfort against cost.',
    after: ['compressor-stages', ...NEEDS_BACKUP],
    usual: null,
    unit: 'min',
    min: 5,
    max: 120,
    step: 5,
    none: 'by temperature only',
    work: (context) => {
      const { facts, value } = context;
      if (facts.schools.droop === 'time' && backupHelps(context) === null)
        return worked(
          facts.talk.leaning === 'cost' ? 60 : 30,
          'Chosen: backup after a time.',
          `They lean toward ${facts.talk.leaning === 'cost' ? 'the bill: an hour' : 'comfort: half an hour'}.`,
        );
      if (value('compressor-stages') === 2)
        return facts.talk.leaning === 'comfort'
          ? worked(10, 'Two stages; the house wants comfort.')
          : worked(20, 'Two stages: low does most of the work.');
      return worked(null, 'One stage, and the droop calls the backup.');
    },
  }),
  numberSetting({
    id: 'second-stage-least',
    label: 'First stage minimum run time',
    on: ['thermostat', 'outdoor'],
    meaning: 'Minimum time from first stage to second, no matter how far the room has dropped.',
    decidedBy: 'The compressor: let oil and valve settle in first stage. The manufacturer’s figure wins.',
    after: ['compressor-stages', 'upstage-time'],
    usual: 5,
    unit: 'min',
    min: 0,
    max: 30,
    absent: ({ value }) => (value('compressor-stages') === 2 ? null : 'One compressor stage is called.'),
    work: () => worked(5, 'Long enough for first stage to settle, shorter than the upstage time.'),
  }),
  numberSetting({
    id: 'board-backup-delay',
    label: 'Board backup delay',
    on: ['indoor', 'outdoor'],
    meaning: 'Some boards add their own delay after the thermostat calls backup.',
    decidedBy: 'One delay is enough: the thermostat’s droop or time already waited.',
    after: ['backup-source', 'droop', 'upstage-time'],
    usual: 0,
    unit: 'min',
    min: 0,
    max: 60,
    step: 5,
    absent: ({ value }) => (value('backup-source') === 'none' ? 'No backup heat on this job.' : null),
    work: () => worked(0, 'The thermostat has already waited; a board delay adds to it.'),
  }),
  numberSetting({
    id: 'aux-on-point',
    label: 'Backup on-point',
    on: ['thermostat', 'indoor'],
    meaning: 'How far below setpoint backup comes on.',
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
        : worked(2, `Time calls backup; ${apartF(2)} is the safety net.`);
    },
  }),
  numberSetting({
    id: 'aux-off-point',
    label: 'Backup off-point',
    on: ['thermostat', 'indoor'],
    meaning: 'How far below setpoint backup drops out, so the compressor finishes the recovery.',
    decidedBy: 'The on-point minus the minimum recovery.',
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
        ...(offF === 1 ? ['Drops out one degree below setpoint.'] : []),
      );
    },
  }),
  numberSetting({
    id: 'compressor-cycles',
    label: 'Compressor cycles per hour',
    on: ['thermostat'],
    meaning: 'Maximum starts per hour at half load.',
    decidedBy: 'The compressor: oil return and pressure equalizing take time.',
    usual: 3,
    unit: 'an hour',
    min: 1,
    max: 6,
    work: () => worked(3, 'Three cycles per hour is standard for compressors.'),
  }),
  numberSetting({
    id: 'backup-cycles',
    label: 'Backup cycles per hour',
    on: ['thermostat'],
    meaning: 'Maximum backup starts per hour.',
    decidedBy: 'The source: strips tolerate more cycles; a furnace must cool between.',
    after: ['backup-source'],
    usual: 6,
    unit: 'an hour',
    min: 1,
    max: 12,
    absent: ({ value }) => (value('backup-source') === 'none' ? 'No backup heat on this job.' : null),
    work: ({ value }) =>
      value('backup-source') === 'fossil'
        ? worked(3, 'Furnace as second stage: three cycles per hour gives it time to cool.')
        : worked(6, 'Strips have no pressures to equalize and can start more often.'),
  }),
  numberSetting({
    id: 'compressor-min-off',
    label: 'Compressor minimum off time',
    on: ['thermostat', 'outdoor'],
    meaning: 'How long the compressor stays off before it may restart.',
    decidedBy: 'Pressures must equalize. The manufacturer’s figure wins.',
    usual: 5,
    unit: 'min',
    min: 2,
    max: 15,
    fact: plainFact('thermostat.compressorMinOffMin', 'choice'),
    work: ({ facts: { schools } }) =>
      schools.minimumOff === 2
        ? worked(2, 'Chosen: 2 min, because pressures were seen to equalize.')
        : worked(5, 'The usual factory setting.'),
  }),
  numberSetting({
    id: 'compressor-min-on',
    label: 'Compressor minimum on time',
    on: ['thermostat'],
    meaning: 'How long it runs once it has started.',
    decidedBy: 'Oil must return to the compressor.',
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
    meaning: 'Starts early so setpoint is reached on time, with backup delayed.',
    decidedBy: 'The schedule, and who sleeps lightly.',
    usual: 'on',
    options: ON_OFF,
    work: ({ facts: { talk } }) => {
      if (talk.schedule === 'steady')
        return worked('off', 'The setpoint stays the same all day: nothing to recover from.');
      return talk.lightSleepers
        ? worked('off', 'A light sleeper lives here: it would start hours early.')
        : worked('on', 'The house is cooler at night.', 'An early start keeps backup off during morning recovery.');
    },
  }),
  choiceSetting({
    id: 'learning-shift',
    label: 'Learning',
    on: ['thermostat'],
    meaning:
      'Some thermostats shift the backup on-point automatically after days that needed backup. Most hide it and cannot be turned off.',
    decidedBy: 'The manufacturer. If it can be turned off, the on-point stays as set.',
    after: ['aux-on-point', ...NEEDS_BACKUP],
    usual: 'as-it-comes',
    options: [
      { value: 'as-it-comes', label: 'Factory default' },
      { value: 'off', label: 'Off' },
    ],
    absent: backupHelps,
    work: ({ value }) =>
      worked(
        'as-it-comes',
        `Set to ${apartF(value('aux-on-point') as number)} below, backup can come on up to ${apartF(2)} sooner after days of heavy use: not a fault. Simulate shows it.`,
      ),
  }),
];
