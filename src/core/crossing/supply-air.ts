import type { Moment } from '../control/moment';
import { outdoorThermostatOf } from '../control/outdoor-thermostats';
import { control } from '../control/thermostat';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { elementKW } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { crossingInput } from './from-job';
import { capacityCurve } from './heat-pump';

/** Air at the register, °F: `none` where the call gives no heat, or where it cools. */
export type SupplyAir = { readonly kind: 'heat'; readonly supplyF: number } | { readonly kind: 'none' };

/**
 * Heat of the banks that a call brings, at the service's volts, Btu/h: auxiliary heat passes the outdoor thermostats,
 * emergency heat goes round them.
 */
const stripsBtuh = (facts: Facts, outdoorF: number, isEmergency: boolean): number => {
  const kit = jobElements(facts);
  return kitRows(facts).reduce((sum, { bank }, at) => {
    const gate = isEmergency ? null : outdoorThermostatOf(facts, bank);
    return gate !== null && outdoorF > gate.closesBelowF
      ? sum
      : sum + elementKW(kit[at]!, facts.heatKit.serviceVolts) * BTU_PER_KWH;
  }, 0);
};

/**
 * Register temperature in a steady heating call: the room's air plus the rise of everything that the call brings.
 * Defrost is no steady state and gives none.
 */
export const supplyAir = (facts: Facts, moment: Moment): SupplyAir => {
  const { outdoorF, indoorF, call } = moment;
  if (call === 'cool-1' || call === 'cool-2' || call === 'defrost') return { kind: 'none' };
  const { signals } = control(facts, moment);
  const isBackup = signals.has('AUX') || signals.has('E');
  const backupBtuh = !isBackup
    ? 0
    : facts.system.backup === 'furnace'
      ? facts.furnace.outputBtuh
      : stripsBtuh(facts, outdoorF, call === 'emergency');
  const btuh = backupBtuh + (signals.has('Y') ? capacityCurve(crossingInput(facts).heatPump).at(outdoorF) : 0);
  if (btuh === 0) return { kind: 'none' };
  const cfm = backupBtuh > 0 ? facts.airHandler.auxCfm : facts.airHandler.heatCfm;
  return { kind: 'heat', supplyF: indoorF + temperatureRiseF(btuh, cfm, facts.site.elevationFt) };
};
