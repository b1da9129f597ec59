import { choiceFact, flagFact, numberFact } from '../fact';
import { halfHours } from '../half-hours';

const WHERE_IT_CHANGES = { path: 'talk.schedule', is: ['night', 'night-and-away'] } as const;

/** Homeowner questions, in everyday words. */
export const homeowner = {
  leaning: choiceFact({
    label: 'When it is really cold, what matters more?',
    place: 'table',
    options: [
      { value: 'comfort', label: 'Comfort' },
      { value: 'balanced', label: 'Some of both' },
      { value: 'cost', label: 'The bill' },
    ],
    assumed: 'balanced',
    why: 'Sets how far the room may drop before backup comes on.',
  }),
  schedule: choiceFact({
    label: 'Should the house be cooler at times?',
    place: 'table',
    options: [
      { value: 'steady', label: 'No, steady' },
      { value: 'night', label: 'At night' },
      { value: 'night-and-away', label: 'At night and while out' },
    ],
    assumed: 'steady',
    why: 'A heat pump recovers slowly. A deep setback brings on backup in the morning.',
  }),
  wakeHour: choiceFact({
    label: 'Warm again at (time)',
    place: 'table',
    options: halfHours(4, 10),
    assumed: 6.5,
    onlyWhen: WHERE_IT_CHANGES,
  }),
  sleepHour: choiceFact({
    label: 'Cooler from',
    place: 'table',
    options: halfHours(19, 23.5),
    assumed: 22,
    onlyWhen: WHERE_IT_CHANGES,
  }),
  setbackF: numberFact({
    label: 'Setback, degrees',
    place: 'table',
    unit: '°F',
    isDifference: true,
    min: 1,
    max: 12,
    assumed: 3,
    onlyWhen: WHERE_IT_CHANGES,
  }),
  lightSleepers: flagFact({
    label: 'Is anyone a light sleeper?',
    place: 'table',
    assumed: false,
    why: 'Adaptive recovery starts the heat early, often hours before anyone gets up.',
  }),
  mayTouch: choiceFact({
    label: 'Who may change the thermostat?',
    place: 'table',
    options: [
      { value: 'everyone', label: 'Everyone' },
      { value: 'a-little', label: 'Everyone, a few degrees only' },
      { value: 'owner', label: 'One person, with a code' },
    ],
    assumed: 'everyone',
    why: 'A lock keeps guests and children from bringing on backup with a big setpoint change.',
  }),
  scale: choiceFact({
    label: 'Temperature scale',
    place: 'table',
    options: [
      { value: 'F', label: '°F' },
      { value: 'C', label: '°C' },
    ],
    assumed: 'F',
  }),
  clock: choiceFact({
    label: 'Clock',
    place: 'table',
    options: [
      { value: 12, label: '12-hour' },
      { value: 24, label: '24-hour' },
    ],
    assumed: 12,
  }),
  pets: flagFact({
    label: 'Are pets home alone?',
    place: 'table',
    assumed: false,
    why: 'Pets cannot tell anyone the room is cold.',
  }),
  tenants: flagFact({
    label: 'Do tenants live here?',
    place: 'table',
    assumed: false,
    why: 'Tenants’ internet and habits change; the heat must work without either.',
  }),
  emptyInWinter: flagFact({
    label: 'Is the house ever empty in winter?',
    place: 'table',
    assumed: false,
    why: 'After an outage the heat must come back on automatically, or pipes freeze.',
  }),
  hatesCoolAir: flagFact({
    label: 'Does anyone hate “heat-pump air”?',
    place: 'table',
    assumed: false,
    why: '90 °F air heats a room but feels cool on skin.',
  }),
  filter: choiceFact({
    label: 'Filter',
    place: 'table',
    options: [
      { value: 'one-inch', label: '1 inch' },
      { value: 'media', label: '4 inch or thicker' },
      { value: 'washable', label: 'Washable' },
      { value: 'electronic', label: 'Electronic' },
    ],
    assumed: 'one-inch',
    why: 'A clogged filter starves the strips and coil of air.',
  }),
  roomSensor: choiceFact({
    label: 'Is there a sensor in another room?',
    place: 'table',
    options: [
      { value: 'none', label: 'No' },
      { value: 'beside', label: 'Yes, in addition to the thermostat’s own' },
      { value: 'instead', label: 'Yes, because sun or drafts fool the thermostat' },
    ],
    assumed: 'none',
    why: 'The thermostat can follow it, or average the two.',
  }),
  humidifier: flagFact({
    label: 'Is there a whole-house humidifier?',
    place: 'table',
    assumed: false,
    why: 'The pad scales up; a reminder says when to change it.',
  }),
  airLamp: flagFact({
    label: 'Is there a UV lamp in the duct?',
    place: 'table',
    assumed: false,
    why: 'It still glows long after it stops working. Only the calendar tells you.',
  }),
};
