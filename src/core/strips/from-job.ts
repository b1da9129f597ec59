import type { Facts } from '../job/document';
import type { Element } from './element';
import { type HeatKit, heatKit } from './heat-kit';

/** The elements of a job's kit, in the order they are fed. */
export const jobElements = ({ heatKit: kit }: Facts): Element[] => kit.elements.map(({ kW }) => ({ kW, ratedVolts: kit.ratedVolts }));

/** Rated power of each bank, kW, bank 1 first; banks without an element are left out. */
export const jobBanks = ({ heatKit: kit }: Facts): { readonly bank: number; readonly kW: number }[] =>
  [...new Set(kit.elements.map(({ bank }) => bank))]
    .sort()
    .map((bank) => ({ bank, kW: kit.elements.filter((element) => element.bank === bank).reduce((sum, { kW }) => sum + kW, 0) }));

/** What the job's kit should read at a supply, V, with everything on. */
export const jobKit = (facts: Facts, suppliedVolts: number): HeatKit =>
  heatKit({
    ratedVolts: facts.heatKit.ratedVolts,
    suppliedVolts,
    elementsKW: facts.heatKit.elements.map(({ kW }) => kW),
    blowerAmps: facts.airHandler.blowerAmps,
    blowerOnFirstCircuit: facts.heatKit.blowerOnFirstCircuit,
    cfm: facts.airHandler.auxCfm,
    elevationFt: facts.site.elevationFt,
  });
