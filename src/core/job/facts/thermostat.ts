import { choiceFact, numberFact, textFact } from '../fact';

export const thermostat = {
  name: textFact({ label: 'Thermostat', place: 'wall' }),
  power: choiceFact({
    label: 'Powered by',
    place: 'wall',
    options: [
      { value: 'C', label: 'C wire' },
      { value: 'battery', label: 'Batteries' },
    ],
    assumed: 'C',
  }),
  valveSetting: choiceFact({
    label: 'Reversing-valve setting',
    place: 'wall',
    options: [
      { value: 'O', label: 'O: energised in cooling' },
      { value: 'B', label: 'B: energised in heating' },
    ],
    assumed: 'O',
    why: 'As found in the thermostat’s setup. It must agree with the outdoor unit.',
  }),
  outdoorSensor: choiceFact({
    label: 'Outdoor temperature from',
    place: 'wall',
    options: [
      { value: 'none', label: 'Nothing' },
      { value: 'wired', label: 'Wired sensor' },
      { value: 'wireless', label: 'Wireless sensor' },
      { value: 'weather', label: 'Weather service' },
    ],
    assumed: 'none',
    why: 'Lockouts only exist where the thermostat knows the outdoor temperature.',
  }),
  compressorMinOffMin: numberFact({
    label: 'Compressor minimum off',
    place: 'wall',
    unit: 'min',
    min: 2,
    max: 15,
    assumed: 5,
    why: 'Pressures must equalise before a restart.',
  }),
  thermostatVA: numberFact({ label: 'Thermostat’s own load', place: 'wall', unit: 'VA', min: 0.1, max: 10, step: 0.1, assumed: 1.2 }),
};
