import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { Element } from './element';
import { type HeatKit, heatKit } from './heat-kit';

/** The elements of a job's kit, in the order they are fed. */
export const jobElements = (facts: Facts): Element[] =>
  kitRows(facts).map(({ kW }) => ({ kW, ratedVolts: facts.heatKit.ratedVolts }));

/** A bank of the kit. */
export interface Bank {
  readonly bank: number;
  /** What it gives at the service's volts, kW. */
  readonly kW: number;
  /** What its plate says, kW. */
  readonly plateKW: number;
}

/** Share of its plate that a job's kit gives at the service's volts: volts squared. */
export const kitShare = ({ heatKit }: Facts): number => (heatKit.serviceVolts / heatKit.ratedVolts) ** 2;

/** Each bank at the service's volts, bank 1 first; banks without an element are left out. */
export const jobBanks = (facts: Facts): Bank[] =>
  [...new Set(kitRows(facts).map(({ bank }) => bank))].sort().map((bank) => {
    const plateKW = kitRows(facts)
      .filter((element) => element.bank === bank)
      .reduce((sum, { kW }) => sum + kW, 0);
    return { bank, kW: plateKW * kitShare(facts), plateKW };
  });

/**
 * Volts that a job's circuits are sized at: the plate's, or the service's where that is higher, since the elements draw
 * more there.
 */
export const sizedAtVolts = ({ heatKit }: Facts): number => Math.max(heatKit.ratedVolts, heatKit.serviceVolts);

/** What the job's kit should read at a supply, V, with everything on. */
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
