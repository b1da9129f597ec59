import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Element } from './element';
import { type HeatKit, heatKit } from './heat-kit';

/** The elements of a job's kit, in the order they are fed. */
export const jobElements = (facts: Facts): Element[] =>
  kitRows(facts).map(({ kW }) => ({ kW, ratedVolts: facts.heatKit.ratedVolts }));

/** Rated power of each bank, kW, bank 1 first; banks without an element are left out. */
export const jobBanks = (facts: Facts): { readonly bank: number; readonly kW: number }[] =>
  [...new Set(kitRows(facts).map(({ bank }) => bank))].sort().map((bank) => ({
    bank,
    kW: kitRows(facts)
      .filter((element) => element.bank === bank)
      .reduce((sum, { kW }) => sum + kW, 0),
  }));

/** What the job's kit should read at a supply, V, with everything on. */
export const jobKit = (facts: Facts, suppliedVolts: number): HeatKit =>
  heatKit({
    ratedVolts: facts.heatKit.ratedVolts,
    suppliedVolts,
    elementsKW: kitRows(facts).map(({ kW }) => kW),
    blowerAmps: facts.airHandler.blowerAmps,
    blowerOnFirstCircuit: facts.heatKit.blowerOnFirstCircuit,
    cfm: facts.airHandler.auxCfm,
    elevationFt: facts.site.elevationFt,
  });
