import { choiceFact, flagFact, numberFact } from '../fact';
import { halfHours } from '../half-hours';

const WHERE_IT_CHANGES = { path: 'talk.schedule', is: ['night', 'night-and-away'] } as const;

/** What the people in the house say, asked in their words at the kitchen table. */
export const talk = {
  leaning: choiceFact({
    label: 'When it is really cold, what matters more?',
    place: 'table',
    options: [
      { value: 'comfort', label: 'Comfort' },
      { value: 'balanced', label: 'Some of both' },
      { value: 'cost', label: 'The bill' },
    ],
    assumed: 'balanced',
    why: 'It decides how far the room may sag before the backup helps.',
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
    why: 'A heat pump climbs slowly: a deep setback is paid back by the backup in the morning.',
  }),
  wakeHour: choiceFact({
    label: 'Warm again by',
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
    label: 'Cooler by',
    place: 'table',
    unit: '°F',
    isDifference: true,
    min: 1,
    max: 12,
    assumed: 3,
    onlyWhen: WHERE_IT_CHANGES,
  }),
  lightSleepers: flagFact({
    label: 'Does anyone wake at a noise before dawn?',
    place: 'table',
    assumed: false,
    why: 'Adaptive recovery starts the heat early, often hours before anyone is up.',
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
    why: 'A lock keeps guests and children from calling the backup by a big step.',
  }),
  scale: choiceFact({
    label: 'Degrees',
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
      { value: 12, label: '12 hours' },
      { value: 24, label: '24 hours' },
    ],
    assumed: 12,
  }),
  pets: flagFact({
    label: 'Are animals at home alone?',
    place: 'table',
    assumed: false,
    why: 'They cannot say that the room is cold.',
  }),
  tenants: flagFact({
    label: 'Do tenants live here?',
    place: 'table',
    assumed: false,
    why: 'Their network and their habits come and go; the house must keep its heat without either.',
  }),
  emptyInWinter: flagFact({
    label: 'Is it ever empty in winter?',
    place: 'table',
    assumed: false,
    why: 'After an outage the heat must come back by itself, or pipes freeze.',
  }),
  hatesCoolAir: flagFact({
    label: 'Does anyone hate “heat-pump air”?',
    place: 'table',
    assumed: false,
    why: 'Air at 90 °F warms a room and still feels cool on skin.',
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
    why: 'A clogged filter takes the air that strips and coil need.',
  }),
  roomSensor: choiceFact({
    label: 'Is there a sensor in another room?',
    place: 'table',
    options: [
      { value: 'none', label: 'No' },
      { value: 'beside', label: 'Yes, beside the thermostat’s own' },
      { value: 'instead', label: 'Yes: sun or draft misleads the thermostat' },
    ],
    assumed: 'none',
    why: 'The thermostat can obey it, or the mean of both.',
  }),
  humidifier: flagFact({
    label: 'Is there a humidifier on the duct?',
    place: 'table',
    assumed: false,
    why: 'Its pad scales up, and a reminder tells when.',
  }),
  airLamp: flagFact({
    label: 'Is there a lamp in the duct?',
    place: 'table',
    assumed: false,
    why: 'It still glows when it no longer does anything: only the calendar tells.',
  }),
};
