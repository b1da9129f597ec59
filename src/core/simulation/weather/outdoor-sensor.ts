import { OUTDOOR_CHANNEL, type Shown } from '../../instrument/shown';
import { roundTo } from '../../units/round';
import type { Weather } from './weather';

/** Name of the simulated outdoor sensor. */
export const OUTDOOR_SENSOR = 'Outdoor sensor';

/** Output of a sensor at the outdoor unit: temperature, °F, and humidity, %; both steady. */
export const outdoorShows = ({ outdoorF, relativeHumidity }: Weather): readonly [Shown, Shown] => {
  const sent = { meter: OUTDOOR_SENSOR, channel: OUTDOOR_CHANNEL, ohms: null, isHeld: true } as const;
  return [
    { ...sent, value: roundTo(outdoorF, 1), unit: '°F' },
    { ...sent, value: Math.round(100 * relativeHumidity), unit: '%' },
  ];
};
