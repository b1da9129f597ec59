import { choiceFact, flagFact, numberFact, optionalNumberFact } from '../fact';

const load = (label: string, assumed: number, path: string, is: readonly (string | boolean)[]) =>
  numberFact({
    label,
    place: 'closet',
    unit: 'VA',
    min: 0.5,
    max: 40,
    step: 0.5,
    assumed,
    onlyWhen: { path, is },
    why: 'From its label. Adds to the transformer load.',
  });

/** Other devices on the system’s 24 V. */
export const boxes = {
  loadControl: choiceFact({
    label: 'Utility’s load-control relay',
    place: 'yard',
    options: [
      { value: 'none', label: 'None' },
      { value: 'Y', label: 'In Y' },
      { value: 'AUX', label: 'In the auxiliary call' },
      { value: 'R', label: 'In R' },
    ],
    assumed: 'none',
    why: 'In Y it locks out the compressor during a utility call; strips still heat.',
  }),
  yBringsBlower: flagFact({
    label: 'Y and G joined at the air handler',
    place: 'closet',
    assumed: false,
    why: 'One conductor for both where the cable is short: the blower runs with the compressor, and G at the thermostat is unused. Only where heat starts its own blower.',
  }),
  humidifier: choiceFact({
    label: 'Humidifier',
    place: 'closet',
    options: [
      { value: 'none', label: 'None' },
      { value: 'alone', label: 'Leak sensor stops the humidifier only' },
      { value: 'everything', label: 'Leak sensor stops the whole system' },
    ],
    assumed: 'none',
    why: 'Humidifier only: heat keeps running, but so does a leak from anything else. Whole system: the water stops, but so does the heat until someone comes.',
  }),
  humidifierVA: load('Humidifier water valve, VA', 10, 'boxes.humidifier', ['alone', 'everything']),
  ventilator: flagFact({
    label: 'Ventilator’s damper on G',
    place: 'closet',
    assumed: false,
    why: 'It opens with the blower.',
  }),
  ventilatorVA: load('Ventilator damper, VA', 8, 'boxes.ventilator', [true]),
  airCleaner: flagFact({
    label: 'Air cleaner’s relay on G',
    place: 'closet',
    assumed: false,
    why: 'It runs with the blower.',
  }),
  airCleanerVA: load('Air cleaner relay, VA', 4, 'boxes.airCleaner', [true]),
  zoneBoard: flagFact({
    label: 'Zone board',
    place: 'closet',
    assumed: false,
    why: 'Sits between the zone thermostats and the equipment. Planned here on the system transformer.',
  }),
  zoneDampers: numberFact({
    label: 'Zone dampers, number',
    place: 'closet',
    unit: '',
    min: 1,
    max: 12,
    step: 1,
    assumed: 2,
    onlyWhen: { path: 'boxes.zoneBoard', is: [true] },
    why: 'Load figured with all dampers energized.',
  }),
  damperVA: load('Each damper', 4, 'boxes.zoneBoard', [true]),
  dehumidify: choiceFact({
    label: 'Dehumidistat on the blower board',
    place: 'closet',
    options: [
      { value: 'none', label: 'None' },
      { value: 'cooling', label: 'Slows the blower in cooling' },
      { value: 'always', label: 'Slows the blower on every call' },
    ],
    assumed: 'none',
    why: 'Slower air removes more moisture. Strips and burner need full airflow, so it must not slow the blower in heat.',
  }),
  heldBank: optionalNumberFact({
    label: 'Bank locked out while the compressor runs',
    place: 'closet',
    unit: '',
    min: 2,
    max: 6,
    step: 1,
    assumed: null,
    none: 'none',
    why: 'A relay on Y opens that bank’s call so the house service can carry the rest. Emergency heat brings on every bank.',
  }),
  relayPair: flagFact({
    label: 'Relay pair: Y and G on one conductor',
    place: 'wall',
    assumed: false,
    why: 'One half at the thermostat, a matched half at the board: saves one conductor.',
  }),
};
