import type { Spot } from '../devices/device';

/** Where someone stands, in words. */
export const PLACE_WORDS: Readonly<Record<Spot, string>> = {
  wall: 'the thermostat',
  indoors: 'the indoor unit',
  outdoors: 'the outdoor unit',
};

/** Where someone can stand. */
export const PLACES = Object.keys(PLACE_WORDS) as readonly Spot[];
