import type { Weather } from '../simulation/weather';
import { roundTo } from '../units/round';
import { OUTDOOR_CHANNEL, type Shown } from './shown';

/** What the stand-in for an outdoor sensor calls itself. */
export const OUTDOOR_SENSOR = 'Outdoor sensor';

/** What a sensor at the outdoor unit sends in some weather: temperature, °F, and humidity, %; both stand. */
export const outdoorShows = ({ outdoorF, relativeHumidity }: Weather): readonly [Shown, Shown] => {
  const sent = { meter: OUTDOOR_SENSOR, channel: OUTDOOR_CHANNEL, ohms: null, isHeld: true } as const;
  return [
    { ...sent, value: roundTo(outdoorF, 1), unit: '°F' },
    { ...sent, value: Math.round(100 * relativeHumidity), unit: '%' },
  ];
};
