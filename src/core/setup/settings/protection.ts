import { numberSetting, type Setting, type SetupContext, worked } from '../setting';
import { plainFact } from '../setting-fact';

/**
 * Share of the nominal volts under which a motor is not started. Source: motors are made for their plate's volts
 * within a tenth.
 */
const LEAST_VOLTS_SHARE = 0.9;
const needsGuard = ({ facts }: SetupContext): string | null =>
  facts.proof.hasLineGuard ? null : 'No line-voltage guard is on record. Startup asks for it, beside its limits.';

/** What holds the equipment for its own sake, and what a test must be able to reach. */
export const PROTECTION_SETTINGS: readonly Setting[] = [
  numberSetting({
    id: 'power-up-hold',
    label: 'Hold after power-up',
    on: ['thermostat', 'indoor'],
    meaning:
      'How long nothing starts when power comes back. Many hold up to a quarter hour whatever is set: not a fault.',
    decidedBy: 'The compressor’s own minimum off covers an outage; a utility may ask for more.',
    after: ['compressor-min-off'],
    usual: 0,
    unit: 'min',
    min: 0,
    max: 15,
    work: ({ value }) => worked(0, `The compressor rests ${value('compressor-min-off')} min after power-up anyway.`),
  }),
  numberSetting({
    id: 'guard-start-volts',
    label: 'Line guard starts from',
    on: [],
    meaning: 'Below it the guard keeps the outdoor unit off.',
    decidedBy: 'The supply. Too low protects nothing; too high and the unit never starts.',
    usual: null,
    unit: 'V',
    min: 150,
    max: 240,
    absent: needsGuard,
    work: ({ facts: { heatKit } }) =>
      worked(
        Math.round(heatKit.serviceVolts * LEAST_VOLTS_SHARE),
        `A tenth under the ${heatKit.serviceVolts} V supply: motors are made for that much.`,
      ),
  }),
  numberSetting({
    id: 'guard-delay',
    label: 'Line guard waits',
    on: [],
    meaning: 'How long the volts must be right before it lets the unit start.',
    decidedBy: 'The compressor’s minimum off: pressures must have met.',
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
        'As long as the compressor rests: the guard cuts it where no thermostat counts.',
      ),
  }),
  numberSetting({
    id: 'test-heat-most',
    label: 'Test heats up to',
    on: ['thermostat'],
    meaning: 'A test call of heat ends when the room is warmer than this.',
    decidedBy: 'A startup on a warm day must reach a steady run.',
    usual: null,
    unit: '°F',
    min: 60,
    max: 110,
    none: 'no limit',
    work: () => worked(null, 'A test is short and watched; on a warm day a limit ends it before a steady run.'),
  }),
  numberSetting({
    id: 'test-cool-least',
    label: 'Test cools down to',
    on: ['thermostat'],
    meaning: 'A test call of cooling ends when the room is colder than this.',
    decidedBy: 'A startup in winter must be able to prove the valve by cold air.',
    usual: null,
    unit: '°F',
    min: 40,
    max: 80,
    none: 'no limit',
    work: () =>
      worked(null, 'In winter the valve is proved by cold air: a limit would keep cooling from being called.'),
  }),
];
