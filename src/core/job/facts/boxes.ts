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
    why: 'Off its label. It comes on top of what the transformer carries.',
  });

/** What else hangs on the system’s 24 V. */
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
    why: 'In Y it holds the compressor while the utility asks, and the strips still heat.',
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
      { value: 'alone', label: 'Its wet switch stops it alone' },
      { value: 'everything', label: 'Its wet switch stops everything' },
    ],
    assumed: 'none',
    why: 'Alone: heat goes on, and a leak that is not the humidifier’s goes on too. Everything: no more water, and no heat until somebody comes.',
  }),
  humidifierVA: load('Its water valve', 10, 'boxes.humidifier', ['alone', 'everything']),
  ventilator: flagFact({
    label: 'Ventilator’s damper on G',
    place: 'closet',
    assumed: false,
    why: 'It opens with the blower.',
  }),
  ventilatorVA: load('Its damper', 8, 'boxes.ventilator', [true]),
  airCleaner: flagFact({
    label: 'Air cleaner’s relay on G',
    place: 'closet',
    assumed: false,
    why: 'It runs with the blower.',
  }),
  airCleanerVA: load('Its relay', 4, 'boxes.airCleaner', [true]),
  zoneBoard: flagFact({
    label: 'Zone board',
    place: 'closet',
    assumed: false,
    why: 'It stands between the zones’ thermostats and the equipment. Planned here on the system’s transformer.',
  }),
  zoneDampers: numberFact({
    label: 'Its dampers',
    place: 'closet',
    unit: '',
    min: 1,
    max: 12,
    step: 1,
    assumed: 2,
    onlyWhen: { path: 'boxes.zoneBoard', is: [true] },
    why: 'Counted as if all were held at once.',
  }),
  damperVA: load('Each damper', 4, 'boxes.zoneBoard', [true]),
  dehumidify: choiceFact({
    label: 'Dehumidistat on the blower board',
    place: 'closet',
    options: [
      { value: 'none', label: 'None' },
      { value: 'cooling', label: 'Slows it in cooling' },
      { value: 'always', label: 'Slows it in every call' },
    ],
    assumed: 'none',
    why: 'Slower air takes more water out. Strips and burner need all of their air: in heat it must not slow.',
  }),
  heldBank: optionalNumberFact({
    label: 'Bank held while the compressor is called',
    place: 'closet',
    unit: '',
    min: 2,
    max: 6,
    step: 1,
    assumed: null,
    none: 'none',
    why: 'A relay on Y opens that bank’s call, so that the house’s service carries the rest. Emergency heat brings it all.',
  }),
  relayPair: flagFact({
    label: 'Relay pair: Y and G on one conductor',
    place: 'wall',
    assumed: false,
    why: 'One half beside the thermostat, one at the board, made for each other: a conductor less in the wall.',
  }),
};
