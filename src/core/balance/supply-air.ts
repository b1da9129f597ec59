import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { temperatureRiseF } from '../units/air';
import { heatNow, type On } from './heat-now';

/** Air at the register, °F: `none` where the call gives no heat, or where it cools. */
export type SupplyAir = { readonly kind: 'heat'; readonly supplyF: number } | { readonly kind: 'none' };

/**
 * Register temperature in a steady heating call: the room's air plus the rise of everything that is on.
 * Defrost is no steady state and gives none.
 */
export const supplyAir = (facts: Facts, on: On, { outdoorF, indoorF, call }: Moment): SupplyAir => {
  if (call === 'defrost') return { kind: 'none' };
  const { heatPumpBtuh, totalBtuh } = heatNow(facts, on, outdoorF);
  if (totalBtuh === 0) return { kind: 'none' };
  const cfm = totalBtuh > heatPumpBtuh ? facts.airHandler.auxCfm : facts.airHandler.heatCfm;
  return { kind: 'heat', supplyF: indoorF + temperatureRiseF(totalBtuh, cfm, facts.site.elevationFt) };
};
