import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Element } from './element';
import { type HeatKit, heatKit } from './heat-kit';

/** Elements of a job's kit in feed order. */
export const jobElements = (facts: Facts): Element[] =>
  kitRows(facts).map(({ kW }) => ({ kW, ratedVolts: facts.heatKit.ratedVolts }));

/**
 * Volts for sizing a job's circuits: the kit's rating, or the service's if higher, because the elements draw more
 * there.
 */
export const sizedAtVolts = ({ heatKit }: Facts): number => Math.max(heatKit.ratedVolts, heatKit.serviceVolts);

/** Expected readings of a job's kit at a supply, V, with everything on. */
export const jobKit = (facts: Facts, suppliedVolts: number): HeatKit =>
  heatKit({
    ratedVolts: facts.heatKit.ratedVolts,
    suppliedVolts,
    sizedAtVolts: sizedAtVolts(facts),
    elementsKW: kitRows(facts).map(({ kW }) => kW),
    blowerAmps: facts.airHandler.blowerAmps,
    blowerOnFirstCircuit: facts.heatKit.blowerOnFirstCircuit,
    cfm: facts.airHandler.auxCfm,
    elevationFt: facts.site.elevationFt,
  });
