import { choiceFact, flagFact, numberFact, textFact } from '../fact';
import { WITH_FURNACE } from './system';

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
  heatTerminals: choiceFact({
    label: 'Backup-heat terminals',
    place: 'wall',
    options: [
      { value: 'AUX+E', label: 'AUX, E' },
      { value: 'AUX1+AUX2+E', label: 'AUX1, AUX2, E' },
      { value: 'W2', label: 'W2/AUX and one configurable terminal' },
      { value: 'none', label: 'None' },
    ],
    assumed: 'AUX+E',
    why: 'Read them off the subbase. They decide the jumpers and whether emergency heat has its own path.',
  }),
  assigned: choiceFact({
    label: 'Assignable terminal is',
    place: 'wall',
    options: [
      { value: 'unused', label: 'Not used' },
      { value: 'emergency', label: 'Emergency heat' },
      { value: 'second-aux', label: 'Second-stage AUX' },
      { value: 'fault-lamp', label: 'Fault lamp' },
    ],
    assumed: 'unused',
    onlyWhen: { path: 'thermostat.heatTerminals', is: ['W2'] },
    why: 'Set in the thermostat’s installer menu; enter it as found.',
  }),
  valveTerminals: choiceFact({
    label: 'Valve terminals',
    place: 'wall',
    options: [
      { value: 'O/B', label: 'One, O/B' },
      { value: 'O+B', label: 'O and B separate' },
    ],
    assumed: 'O/B',
    why: 'If B is a separate terminal from C, it is hot in heating. Never land the common on it.',
  }),
  compressorOutputs: choiceFact({
    label: 'Compressor outputs',
    place: 'wall',
    options: [
      { value: 1, label: 'Y' },
      { value: 2, label: 'Y1, Y2' },
    ],
    assumed: 1,
  }),
  rTerminals: choiceFact({
    label: 'Hot terminals',
    place: 'wall',
    options: [
      { value: 'R', label: 'R' },
      { value: 'Rc+Rh', label: 'Rc, Rh' },
    ],
    assumed: 'R',
    why: 'One transformer feeds both through a jumper.',
  }),
  hasSensorTerminals: flagFact({
    label: 'Sensor terminals S, S',
    place: 'wall',
    assumed: true,
    why: 'For a wired outdoor sensor. Never a 24 V terminal.',
  }),
  backupSetting: choiceFact({
    label: 'Backup set to',
    place: 'wall',
    options: [
      { value: 'electric', label: 'Electric: runs with the compressor' },
      { value: 'fossil', label: 'Fossil: runs instead of the compressor' },
    ],
    assumed: 'electric',
    onlyWhen: WITH_FURNACE,
    why: 'With a furnace under the coil, compressor and furnace must never run together.',
  }),
  valveSetting: choiceFact({
    label: 'Reversing-valve setting',
    place: 'wall',
    options: [
      { value: 'O', label: 'O: energized in cooling' },
      { value: 'B', label: 'B: energized in heating' },
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
    why: 'Lockouts work only if the thermostat knows the outdoor temperature.',
  }),
  compressorMinOffMin: numberFact({
    label: 'Compressor minimum off time',
    place: 'wall',
    unit: 'min',
    min: 2,
    max: 15,
    assumed: 5,
    why: 'Pressures must equalize before a restart.',
  }),
  thermostatVA: numberFact({
    label: 'Thermostat VA',
    place: 'wall',
    unit: 'VA',
    min: 0.1,
    max: 10,
    step: 0.1,
    assumed: 1.2,
  }),
};
