import { numberSetting, type Setting, type SetupContext, worked } from '../setting';
import { plainFact } from '../setting-fact';

/** Minimum share of nominal volts for starting a motor. Source: motors are made for nameplate volts within a tenth. */
const LEAST_VOLTS_SHARE = 0.9;
const needsGuard = ({ facts }: SetupContext): string | null =>
  facts.proof.hasLineGuard ? null : 'No line-voltage monitor on record. Startup asks about it.';

/** Equipment protection, and limits for tests. */
export const PROTECTION_SETTINGS: readonly Setting[] = [
  numberSetting({
    id: 'power-up-hold',
    label: 'Power-up delay',
    on: ['thermostat', 'indoor'],
    meaning:
      'How long nothing starts after power returns. Many controls wait up to 15 minutes no matter what is set: not a fault.',
    decidedBy: 'The compressor’s own minimum off time covers an outage; a utility may ask for more.',
    after: ['compressor-min-off'],
    usual: 0,
    unit: 'min',
    min: 0,
    max: 15,
    work: ({ value }) => worked(0, `The compressor waits ${value('compressor-min-off')} min after power-up anyway.`),
  }),
  numberSetting({
    id: 'guard-start-volts',
    label: 'Line monitor cut-in voltage',
    on: [],
    meaning: 'Below this the line monitor keeps the outdoor unit off.',
    decidedBy: 'The line voltage. Too low protects nothing; too high and the unit never starts.',
    usual: null,
    unit: 'V',
    min: 150,
    max: 240,
    absent: needsGuard,
    work: ({ facts: { heatKit } }) =>
      worked(
        Math.round(heatKit.serviceVolts * LEAST_VOLTS_SHARE),
        `10 % under the ${heatKit.serviceVolts} V supply, the range motors are built for.`,
      ),
  }),
  numberSetting({
    id: 'guard-delay',
    label: 'Line monitor delay',
    on: [],
    meaning: 'How long voltage must be good before it lets the unit start.',
    decidedBy: 'The compressor minimum off time: pressures must have equalized.',
    after: ['compressor-min-off'],
    usual: 3,
    unit: 'min',
    min: 0.5,
    max: 30,
    step: 0.5,
    fact: plainFact('proof.guardDelayMin', 'as-found'),
    absent: needsGuard,
    work: ({ value }) =>
      worked(
        value('compressor-min-off'),
        'Same as the compressor minimum off time: the monitor drops the unit without the thermostat timing it.',
      ),
  }),
  numberSetting({
    id: 'test-heat-most',
    label: 'Heat test limit',
    on: ['thermostat'],
    meaning: 'A test call of heat ends when the room is warmer than this.',
    decidedBy: 'On a warm day the startup test must still reach steady operation.',
    usual: null,
    unit: '°F',
    min: 60,
    max: 110,
    none: 'no limit',
    work: () => worked(null, 'A test is short and watched; on a warm day a limit ends it before a steady run.'),
  }),
  numberSetting({
    id: 'test-cool-least',
    label: 'Cooling test limit',
    on: ['thermostat'],
    meaning: 'A test call of cooling ends when the room is colder than this.',
    decidedBy: 'A winter startup has to check the reversing valve by feeling cold air.',
    usual: null,
    unit: '°F',
    min: 40,
    max: 80,
    none: 'no limit',
    work: () => worked(null, 'In winter you check the valve by cold air; a limit would block the cooling call.'),
  }),
];
