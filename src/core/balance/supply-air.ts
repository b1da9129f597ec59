import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { temperatureRiseF } from '../units/air';
import { heatNow, type On } from './heat-now';

/** Register air, °F: `none` if the call gives no heat or cools. */
export type SupplyAir = { readonly kind: 'heat'; readonly supplyF: number } | { readonly kind: 'none' };

/**
 * Register temperature in a steady heating call: return air plus the rise from everything that is on. A defrost is not
 * steady and has none.
 */
export const supplyAir = (facts: Facts, on: On, { outdoorF, indoorF, call }: Moment): SupplyAir => {
  if (call === 'defrost') return { kind: 'none' };
  const { heatPumpBtuh, totalBtuh } = heatNow(facts, on, outdoorF);
  if (totalBtuh === 0) return { kind: 'none' };
  const cfm = totalBtuh > heatPumpBtuh ? facts.airHandler.auxCfm : facts.airHandler.heatCfm;
  return { kind: 'heat', supplyF: indoorF + temperatureRiseF(totalBtuh, cfm, facts.site.elevationFt) };
};
