import type { Moment } from '../control/moment';
import { control } from '../control/thermostat';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { jobKit } from '../strips/from-job';
import { temperatureRiseF } from '../units/air';
import { crossingInput } from './from-job';
import { capacityCurve } from './heat-pump';

/** Air at the register, °F: `none` where the call gives no heat, or where it cools. */
export type SupplyAir = { readonly kind: 'heat'; readonly supplyF: number } | { readonly kind: 'none' };

/**
 * Register temperature in a steady heating call: the room's air plus the rise of everything that the call brings,
 * strips at the service's volts. Defrost is no steady state and gives none.
 */
export const supplyAir = (facts: Facts, moment: Moment): SupplyAir => {
  if (moment.call === 'cool-1' || moment.call === 'defrost') return { kind: 'none' };
  const { signals } = control(facts, moment);
  const hasStrips = (signals.has('AUX') || signals.has('E')) && kitRows(facts).length > 0;
  const heatPumpBtuh = signals.has('Y') ? capacityCurve(crossingInput(facts).heatPump).at(moment.outdoorF) : 0;
  const btuh = heatPumpBtuh + (hasStrips ? jobKit(facts, facts.heatKit.serviceVolts).btuh : 0);
  if (btuh === 0) return { kind: 'none' };
  const cfm = hasStrips ? facts.airHandler.auxCfm : facts.airHandler.heatCfm;
  return { kind: 'heat', supplyF: moment.indoorF + temperatureRiseF(btuh, cfm, facts.site.elevationFt) };
};
