import type { Facts } from './document';

/** One ton of refrigeration, Btu/h. */
const BTUH_PER_TON = 12_000;

/** Tons of heat at the warmest rating point: near the size that the unit is sold by. */
export const ratedTons = ({ outdoorUnit }: Facts): number =>
  Math.max(...outdoorUnit.ratingPoints.map(({ btuh }) => btuh)) / BTUH_PER_TON;
