import { homeowner as talkFacts } from '../../job/facts/homeowner';
import { apartF } from '../../units/degrees';
import { choiceSetting, numberSetting, type Setting, worked } from '../setting';

/** A startup test must be able to call heat this far above the usual setpoint, °F. */
export const TEST_ROOM_F = 5;

/** Filter life, days. Source: printed on the filter; our judgment where that is a range. */
const FILTER_DAYS = { 'one-inch': 90, media: 270, washable: 30, electronic: 90 } as const;
/** Pet hair about halves filter life. */
const WITH_PETS_DAYS = { 'one-inch': 60, media: 180, washable: 30, electronic: 60 } as const;

const hasSchedule = 'The setpoint stays the same all day.';

/** Settings that the household decides. */
export const HOUSEHOLD_SETTINGS: readonly Setting[] = [
  choiceSetting({
    id: 'temperature-scale',
    label: 'Temperature scale',
    on: ['thermostat'],
    meaning: 'The scale on the display.',
    decidedBy: 'The household.',
    usual: 'F',
    options: talkFacts.scale.options,
    work: ({ facts: { talk } }) => worked(talk.scale, `They read °${talk.scale}.`),
  }),
  choiceSetting({
    id: 'clock',
    label: 'Clock',
    on: ['thermostat'],
    meaning: 'Time format on the display.',
    decidedBy: 'The household.',
    usual: 12,
    options: talkFacts.clock.options,
    work: ({ facts: { talk } }) => worked(talk.clock, `They use a ${talk.clock}-hour clock.`),
  }),
  choiceSetting({
    id: 'schedule',
    label: 'Schedule',
    on: ['thermostat'],
    meaning: 'Schedule periods per day.',
    decidedBy: 'The household.',
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
    meaning: 'When the day setpoint starts.',
    decidedBy: 'The household.',
    after: ['schedule'],
    usual: 6,
    options: talkFacts.wakeHour.options,
    absent: ({ value }) => (value('schedule') === 'none' ? hasSchedule : null),
    work: ({ facts: { talk } }) => worked(talk.wakeHour, 'That is when they get up.'),
  }),
  choiceSetting({
    id: 'sleep-time',
    label: 'Cooler from',
    on: ['thermostat'],
    meaning: 'When the night setpoint starts.',
    decidedBy: 'The household.',
    after: ['schedule'],
    usual: 22,
    options: talkFacts.sleepHour.options,
    absent: ({ value }) => (value('schedule') === 'none' ? hasSchedule : null),
    work: ({ facts: { talk } }) => worked(talk.sleepHour, 'That is when they go to bed.'),
  }),
  numberSetting({
    id: 'setback',
    label: 'Setback',
    on: ['thermostat'],
    meaning: 'How many degrees cooler at night.',
    decidedBy: 'The household, and what morning recovery costs.',
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
    label: 'Heat/cool changeover',
    on: ['thermostat'],
    meaning: 'Whether the thermostat may go from heating to cooling automatically.',
    decidedBy: 'Whether someone is always there to switch it.',
    usual: 'manual',
    options: [
      { value: 'manual', label: 'Manual' },
      { value: 'auto', label: 'Automatic' },
    ],
    work: ({ facts: { talk } }) => {
      if (talk.pets) return worked('auto', 'Pets are home alone, with no one to switch it.');
      return talk.tenants
        ? worked('auto', 'Tenants live here: one less thing to explain.')
        : worked('manual', 'Someone is there to switch it twice a year.');
    },
  }),
  numberSetting({
    id: 'deadband',
    label: 'Heat-cool deadband',
    on: ['thermostat'],
    meaning: 'Minimum spread between heating and cooling setpoints.',
    decidedBy: 'Heating and cooling must not chase each other.',
    after: ['changeover'],
    usual: 3,
    unit: '°F',
    isDifference: true,
    min: 0,
    max: 10,
    absent: ({ value }) => (value('changeover') === 'manual' ? 'Changeover is manual.' : null),
    work: () => worked(3, `At least ${apartF(2)}; ${apartF(3)} keeps sun and overshoot from flipping it to cooling.`),
  }),
  numberSetting({
    id: 'heat-setpoint-most',
    label: 'Highest heating setpoint',
    on: ['thermostat'],
    meaning: 'No one can set heat above this.',
    decidedBy: 'Who may change it; the startup test must still be able to call heat.',
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
            `${apartF(TEST_ROOM_F)} above the usual ${house.heatSetpointF} °F, to leave room for the startup test.`,
          ),
  }),
  numberSetting({
    id: 'cool-setpoint-least',
    label: 'Lowest cooling setpoint',
    on: ['thermostat'],
    meaning: 'No one can set cooling below this.',
    decidedBy: 'Who may change it.',
    usual: null,
    unit: '°F',
    min: 50,
    max: 85,
    none: 'no limit',
    work: ({ facts: { talk } }) =>
      talk.tenants
        ? worked(70, 'Tenants live here: setting it colder only ices the coil.')
        : worked(null, 'No one asked for one.'),
  }),
  choiceSetting({
    id: 'lock',
    label: 'Lock',
    on: ['thermostat'],
    meaning: 'How much of the thermostat is locked.',
    decidedBy: 'Who may change it. Lock it last, after the tests.',
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
    label: 'Temperature offset',
    on: ['thermostat'],
    meaning: 'Added to the sensor reading.',
    decidedBy: 'Compare with a trusted thermometer next to it, after 15 minutes.',
    usual: 0,
    unit: '°F',
    isDifference: true,
    min: -5,
    max: 5,
    step: 0.5,
    work: () => worked(0, 'No measurement calls for one.'),
  }),
  choiceSetting({
    id: 'sensing-place',
    label: 'Room sensor used',
    on: ['thermostat'],
    meaning: 'Which sensor the thermostat uses.',
    decidedBy: 'Put it where people are. A sensor in sun, a draft or return air misleads.',
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
          return worked('average', 'A sensor is where people are: averaging holds both rooms.');
        case 'instead':
          return worked('remote', 'Sun or drafts fool the thermostat’s own sensor.');
      }
    },
  }),
  choiceSetting({
    id: 'reminder-basis',
    label: 'Reminder timer based on',
    on: ['thermostat'],
    meaning: 'Run time counts only while the blower runs: 90 days of it can be a year. The calendar keeps counting.',
    decidedBy: 'What wears: filter and pad by airflow, a UV lamp by the calendar.',
    usual: 'calendar',
    options: [
      { value: 'run-time', label: 'Run time' },
      { value: 'calendar', label: 'Calendar' },
    ],
    work: ({ facts: { talk } }) =>
      talk.emptyInWinter
        ? worked('run-time', 'The house is empty at times, when nothing wears.')
        : worked('calendar', 'Someone always lives here, and a calendar date is simpler.'),
  }),
  numberSetting({
    id: 'filter-reminder',
    label: 'Filter reminder',
    on: ['thermostat'],
    meaning: 'Days until it asks for the filter, by run time or calendar.',
    decidedBy: 'Filter type, and pets.',
    after: ['reminder-basis'],
    usual: null,
    unit: 'days',
    min: 10,
    max: 400,
    step: 10,
    none: 'off',
    work: ({ facts: { talk } }) =>
      talk.pets
        ? worked(WITH_PETS_DAYS[talk.filter], `Filter: ${talk.filter.replace('-', ' ')}.`, 'Pet hair loads it sooner.')
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
    work: () => worked(12, 'One pad per heating season, sooner in hard water.'),
  }),
  numberSetting({
    id: 'lamp-reminder',
    label: 'UV lamp reminder',
    on: ['thermostat'],
    meaning: 'Months until it asks for the UV lamp. Never look at it lit: it can injure your eyes.',
    decidedBy: 'Go by the lamp manufacturer: it keeps glowing long after it stops working.',
    after: ['reminder-basis'],
    usual: null,
    unit: 'months',
    min: 3,
    max: 36,
    none: 'off',
    absent: ({ facts: { talk } }) => (talk.airLamp ? null : 'No UV lamp in the duct.'),
    work: () => worked(12, 'A year of light, whether or not the blower ran.'),
  }),
  choiceSetting({
    id: 'screen',
    label: 'Screen',
    on: ['thermostat'],
    meaning: 'Whether it is always lit or wakes at a touch.',
    decidedBy: 'Whether someone sleeps near it; battery life.',
    usual: 'touch',
    options: [
      { value: 'touch', label: 'Lights when touched' },
      { value: 'always', label: 'Always on' },
    ],
    work: ({ facts: { thermostat } }) =>
      worked(
        'touch',
        thermostat.power === 'battery'
          ? 'On batteries: years with the screen off, weeks with it on.'
          : 'Off at night, and it lasts longer.',
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
          ? 'The house is empty at times in winter: no one is there to turn it back on.'
          : 'A house that stays off in a freeze is an emergency.',
      ),
  }),
];
