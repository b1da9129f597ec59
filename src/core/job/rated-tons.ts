import { BTUH_PER_TON } from '../units/constants';
import type { Facts } from './document';

/** Tons of heating at the warmest rating point: close to the nominal size. */
export const ratedTons = ({ outdoorUnit }: Facts): number =>
  Math.max(...outdoorUnit.ratingPoints.map(({ btuh }) => btuh)) / BTUH_PER_TON;
