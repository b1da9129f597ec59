import type { Facts } from '../../job/document';
import { apartF } from '../../units/degrees';
import { OUTDOOR_ITEM } from '../conditions';
import { expectBetween } from '../expect';
import { numberRead, type StartupContext } from '../given';
import type { Item, StartupStep } from '../step';

/** Tolerance of a sensor and its display against a good thermometer, °F. Our judgment. */
const SENSOR_TOLERANCE_F = 3;

const SOURCE_WORDS: Partial<Record<Facts['thermostat']['outdoorSensor'], string>> = {
  wired: 'Is it shaded, splice dry? Then ohm the sensor with its leads lifted.',
  wireless: 'Is it in the shade, its battery good?',
  weather: 'The weather service is not reporting this yard; every lockout is off by the same amount.',
};

/** The thermostat's outdoor temperature, compared with the technician's thermometer. */
const shownOutdoors = (context: StartupContext): Item[] => {
  const { outdoorSensor } = context.facts.thermostat;
  if (outdoorSensor === 'none') return [];
  const outdoorF = numberRead(context, OUTDOOR_ITEM);
  return [
    {
      id: 'shown',
      label: 'Outdoor temperature on the thermostat',
      unit: '°F',
      expect: () =>
        outdoorF === undefined
          ? { kind: 'needs', what: 'the outdoor temperature, by your own thermometer' }
          : {
              ...expectBetween(
                outdoorF - SENSOR_TOLERANCE_F,
                outdoorF + SENSOR_TOLERANCE_F,
                '°F',
                `Your thermometer: ${outdoorF} °F; the thermostat’s figure runs every lockout`,
              ),
              tolerance: `±${apartF(SENSOR_TOLERANCE_F)}`,
              aim: outdoorF,
            },
      explain: (value, grade) =>
        typeof value !== 'number' || outdoorF === undefined || grade === 'pass'
          ? null
          : {
              means: `Off by ${apartF(Math.round(Math.abs(value - outdoorF) * 10) / 10)}, and so is every lockout.`,
              next: SOURCE_WORDS[outdoorSensor] ?? '',
            },
    },
  ];
};

export const conditions: StartupStep = {
  id: 'conditions',
  title: 'Conditions',
  why: 'Capacity, lockouts and temperature rise all depend on outdoor temperature.',
  applies: () => true,
  build: (context) => ({
    cautions: [],
    how: ['Outdoors: in the shade, away from coil discharge air. Indoors: at the thermostat.'],
    call: null,
    waits: [],
    items: [
      {
        id: 'outdoor',
        of: { call: null, observable: { kind: 'temperature', at: 'outdoor' } },
        label: 'Outdoor temperature',
        unit: '°F',
        expect: () => ({ kind: 'record', sum: 'From here on, expected values are for this temperature.' }),
      },
      {
        id: 'indoor',
        of: { call: null, observable: { kind: 'temperature', at: 'indoor' } },
        label: 'Room temperature',
        unit: '°F',
        expect: () => ({ kind: 'record', sum: 'Set the thermostat well above it for heat, well below for cooling.' }),
      },
      ...shownOutdoors(context),
    ],
  }),
};
