import { talk as talkFacts } from '../../job/facts/homeowner';
import { apartF } from '../../units/degrees';
import { choiceSetting, numberSetting, type Setting, worked } from '../setting';

/** A startup test must be able to call heat this far above the usual setpoint, °F. */
export const TEST_ROOM_F = 5;

/** How long a filter lasts, days. Source: what is printed on them; our judgement where that is a span. */
const FILTER_DAYS = { 'one-inch': 90, media: 270, washable: 30, electronic: 90 } as const;
/** Hair halves the life of a filter, more or less. */
const WITH_PETS_DAYS = { 'one-inch': 60, media: 180, washable: 30, electronic: 60 } as const;

const hasSchedule = 'The house is kept steady.';

/** What the people in the house decide. */
export const HOUSEHOLD_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'temperature-scale',
    label: 'Degrees',
    on: ['thermostat'],
    meaning: 'The scale on the display.',
    decidedBy: 'The people in the house.',
    usual: 'F',
    options: talkFacts.scale.options,
    work: ({ facts: { talk } }) => worked(talk.scale, `They read °${talk.scale}.`),
  }),
  choiceSetting({
    id: 'clock',
    label: 'Clock',
    on: ['thermostat'],
    meaning: 'How the display writes the time.',
    decidedBy: 'The people in the house.',
    usual: 12,
    options: talkFacts.clock.options,
    work: ({ facts: { talk } }) => worked(talk.clock, `They read a ${talk.clock}-hour clock.`),
  }),
  choiceSetting({
    id: 'schedule',
    label: 'Schedule',
    on: ['thermostat'],
    meaning: 'How many periods the day has.',
    decidedBy: 'The people in the house.',
    usual: 'night-and-away',
    options: [
      { value: 'none', label: 'None, held steady' },
      { value: 'night', label: 'Day and night' },
      { value: 'night-and-away', label: 'Wake, away, back, night' },
    ],
    work: ({ facts: { talk } }) =>
      talk.schedule === 'steady'
        ? worked('none', 'They want the house steady.')
        : worked(talk.schedule, 'They want it cooler at times.'),
  }),
  choiceSetting({
    id: 'wake-time',
    label: 'Warm by',
    on: ['thermostat'],
    meaning: 'When the day’s setpoint holds.',
    decidedBy: 'The people in the house.',
    after: ['schedule'],
    usual: 6,
    options: talkFacts.wakeHour.options,
    absent: ({ value }) => (value('schedule') === 'none' ? hasSchedule : null),
    work: ({ facts: { talk } }) => worked(talk.wakeHour, 'They get up then.'),
  }),
  choiceSetting({
    id: 'sleep-time',
    label: 'Cooler from',
    on: ['thermostat'],
    meaning: 'When the night’s setpoint holds.',
    decidedBy: 'The people in the house.',
    after: ['schedule'],
    usual: 22,
    options: talkFacts.sleepHour.options,
    absent: ({ value }) => (value('schedule') === 'none' ? hasSchedule : null),
    work: ({ facts: { talk } }) => worked(talk.sleepHour, 'They go to bed then.'),
  }),
  numberSetting({
    id: 'setback',
    label: 'Setback',
    on: ['thermostat'],
    meaning: 'How much cooler the night is.',
    decidedBy: 'The people in the house, and what the morning costs.',
    after: ['schedule'],
    usual: 8,
    unit: '°F',
    isDifference: true,
    min: 0,
    max: 12,
    absent: ({ value }) => (value('schedule') === 'none' ? hasSchedule : null),
    work: ({ facts: { talk } }) => worked(talk.setbackF, `They want it ${apartF(talk.setbackF)} cooler.`),
  }),
  choiceSetting({
    id: 'changeover',
    label: 'Heat and cool change over',
    on: ['thermostat'],
    meaning: 'Whether the thermostat may go from heating to cooling by itself.',
    decidedBy: 'Whether somebody is always there to switch.',
    usual: 'manual',
    options: [
      { value: 'manual', label: 'By hand' },
      { value: 'auto', label: 'By itself' },
    ],
    work: ({ facts: { talk } }) => {
      if (talk.pets) return worked('auto', 'Animals are at home alone and cannot switch it.');
      return talk.tenants
        ? worked('auto', 'Tenants live here: one thing less to explain.')
        : worked('manual', 'Somebody is there to switch it twice a year.');
    },
  }),
  numberSetting({
    id: 'deadband',
    label: 'Heat-cool deadband',
    on: ['thermostat'],
    meaning: 'The least distance between the heating and the cooling setpoint.',
    decidedBy: 'Heating and cooling must not chase each other.',
    after: ['changeover'],
    usual: 3,
    unit: '°F',
    isDifference: true,
    min: 0,
    max: 10,
    absent: ({ value }) => (value('changeover') === 'manual' ? 'It does not change over by itself.' : null),
    work: () => worked(3, `At least ${apartF(2)}; ${apartF(3)} keeps sun and overshoot from turning it round.`),
  }),
  numberSetting({
    id: 'heat-setpoint-most',
    label: 'Highest heating setpoint',
    on: ['thermostat'],
    meaning: 'What nobody can set the heat above.',
    decidedBy: 'Who may touch it; the startup test must still be able to call heat.',
    usual: null,
    unit: '°F',
    min: 60,
    max: 90,
    none: 'no limit',
    work: ({ facts: { talk, house } }) =>
      talk.mayTouch === 'everyone' && !talk.tenants
        ? worked(null, 'Everyone may change it.')
        : worked(
            Math.max(74, house.heatSetpointF + TEST_ROOM_F),
            talk.tenants ? 'Tenants live here.' : 'Not everyone may change it.',
            `Still ${apartF(TEST_ROOM_F)} above the usual ${house.heatSetpointF} °F, for the startup test.`,
          ),
  }),
  numberSetting({
    id: 'cool-setpoint-least',
    label: 'Lowest cooling setpoint',
    on: ['thermostat'],
    meaning: 'What nobody can set the cooling below.',
    decidedBy: 'Who may touch it.',
    usual: null,
    unit: '°F',
    min: 50,
    max: 85,
    none: 'no limit',
    work: ({ facts: { talk } }) =>
      talk.tenants
        ? worked(70, 'Tenants live here: colder only ices the coil.')
        : worked(null, 'Nobody asked for one.'),
  }),
  choiceSetting({
    id: 'lock',
    label: 'Lock',
    on: ['thermostat'],
    meaning: 'How much of the thermostat is locked.',
    decidedBy: 'Who may touch it. Lock it last, after the tests.',
    usual: 'none',
    options: [
      { value: 'none', label: 'Open' },
      { value: 'partial', label: 'A few degrees only' },
      { value: 'full', label: 'Code for everything' },
    ],
    work: ({ facts: { talk } }) => {
      if (talk.mayTouch === 'owner') return worked('full', 'One person has the code.');
      return talk.mayTouch === 'a-little'
        ? worked('partial', 'Everyone may change it, by a few degrees.')
        : worked('none', 'Everyone may change it.');
    },
  }),
  numberSetting({
    id: 'temperature-offset',
    label: 'Room reading offset',
    on: ['thermostat'],
    meaning: 'Added to what its sensor reads.',
    decidedBy: 'A trusted thermometer beside it, after a quarter of an hour.',
    usual: 0,
    unit: '°F',
    isDifference: true,
    min: -5,
    max: 5,
    step: 0.5,
    work: () => worked(0, 'Nothing measured speaks for one.'),
  }),
  choiceSetting({
    id: 'sensing-place',
    label: 'Room is sensed',
    on: ['thermostat'],
    meaning: 'Which sensor the thermostat obeys.',
    decidedBy: 'Where people are. A sensor in sun, draught or return air misleads.',
    usual: 'here',
    options: [
      { value: 'here', label: 'In the thermostat' },
      { value: 'remote', label: 'By a remote sensor' },
      { value: 'average', label: 'By both, averaged' },
    ],
    work: ({ facts: { talk } }) => {
      switch (talk.roomSensor) {
        case 'none':
          return worked('here', 'No sensor in another room is on record.');
        case 'beside':
          return worked('average', 'A sensor stands where people are: the mean holds both rooms.');
        case 'instead':
          return worked('remote', 'Sun or draft misleads the thermostat’s own.');
      }
    },
  }),
  choiceSetting({
    id: 'reminder-basis',
    label: 'Reminders count',
    on: ['thermostat'],
    meaning:
      'Run time counts only while the blower runs: 90 days of it can be a year. The calendar counts on while nothing runs.',
    decidedBy: 'What wears: filter and pad by air that passes, a lamp by the calendar.',
    usual: 'calendar',
    options: [
      { value: 'run-time', label: 'Run time' },
      { value: 'calendar', label: 'Calendar' },
    ],
    work: ({ facts: { talk } }) =>
      talk.emptyInWinter
        ? worked('run-time', 'The house is empty at times: nothing wears then.')
        : worked('calendar', 'Somebody always lives here, and a date is understood.'),
  }),
  numberSetting({
    id: 'filter-reminder',
    label: 'Filter reminder',
    on: ['thermostat'],
    meaning: 'Days until it asks for the filter, by run time or calendar.',
    decidedBy: 'The filter, and animals.',
    after: ['reminder-basis'],
    usual: null,
    unit: 'days',
    min: 10,
    max: 400,
    step: 10,
    none: 'off',
    work: ({ facts: { talk } }) =>
      talk.pets
        ? worked(WITH_PETS_DAYS[talk.filter], `Filter: ${talk.filter.replace('-', ' ')}.`, 'Hair fills it sooner.')
        : worked(FILTER_DAYS[talk.filter], `Filter: ${talk.filter.replace('-', ' ')}.`),
  }),
  numberSetting({
    id: 'service-reminder',
    label: 'Service reminder',
    on: ['thermostat'],
    meaning: 'Months until it asks for a visit.',
    decidedBy: 'A visit before each winter.',
    usual: null,
    unit: 'months',
    min: 3,
    max: 36,
    none: 'off',
    work: () => worked(12, 'Once a year, before the cold.'),
  }),
  numberSetting({
    id: 'humidifier-reminder',
    label: 'Humidifier pad reminder',
    on: ['thermostat'],
    meaning: 'Months until it asks for the pad.',
    decidedBy: 'The water: hard water scales a pad in half a season.',
    after: ['reminder-basis'],
    usual: null,
    unit: 'months',
    min: 1,
    max: 24,
    none: 'off',
    absent: ({ facts: { talk } }) => (talk.humidifier ? null : 'There is no humidifier on the duct.'),
    work: () => worked(12, 'A pad a heating season, sooner in hard water.'),
  }),
  numberSetting({
    id: 'lamp-reminder',
    label: 'Duct lamp reminder',
    on: ['thermostat'],
    meaning: 'Months until it asks for the lamp in the duct. Never look at it lit: it hurts eyes.',
    decidedBy: 'The lamp’s maker: it glows on long after it has stopped working.',
    after: ['reminder-basis'],
    usual: null,
    unit: 'months',
    min: 3,
    max: 36,
    none: 'off',
    absent: ({ facts: { talk } }) => (talk.airLamp ? null : 'There is no lamp in the duct.'),
    work: () => worked(12, 'A year of light, whether or not the blower ran.'),
  }),
  choiceSetting({
    id: 'screen',
    label: 'Screen',
    on: ['thermostat'],
    meaning: 'Whether it is always lit or wakes at a touch.',
    decidedBy: 'Who sleeps beside it, and batteries.',
    usual: 'touch',
    options: [
      { value: 'touch', label: 'Lit at a touch' },
      { value: 'always', label: 'Always lit' },
    ],
    work: ({ facts: { thermostat } }) =>
      worked(
        'touch',
        thermostat.power === 'battery' ? 'Batteries last years dark, weeks lit.' : 'Dark at night, and lasting longer.',
      ),
  }),
  choiceSetting({
    id: 'outage-restart',
    label: 'After an outage',
    on: ['thermostat'],
    meaning: 'What it does when power comes back.',
    decidedBy: 'Pipes freeze in a house that stays off.',
    usual: 'resume',
    options: [
      { value: 'resume', label: 'Goes on as before' },
      { value: 'off', label: 'Stays off' },
    ],
    work: ({ facts: { talk } }) =>
      worked(
        'resume',
        talk.emptyInWinter
          ? 'The house is empty at times in winter: nobody would switch it on.'
          : 'A house that stays off in a freeze is an emergency.',
      ),
  }),
];
