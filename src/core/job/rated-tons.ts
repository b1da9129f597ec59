import { BTUH_PER_TON } from '../units/constants';
import type { Facts } from './document';

/** Tons of heat at the warmest rating point: near the size that the unit is sold by. */
export const ratedTons = ({ outdoorUnit }: Facts): number =>
  Math.max(...outdoorUnit.ratingPoints.map(({ btuh }) => btuh)) / BTUH_PER_TON;
