import type { Facts } from './document';
import { kitRows } from './kit-rows';

/** A bank of the heat kit. */
export interface Bank {
  readonly bank: number;
  /** Output at the service's volts, kW. */
  readonly kW: number;
  /** Nameplate output, kW. */
  readonly plateKW: number;
}

/** The heat inputs of a board, in order. */
export const heatInputs = ({ airHandler }: Facts): readonly string[] => airHandler.wInputs.split('+');

/** Banks with elements, bank 1 first. */
const wiredBanks = (facts: Facts): number[] => [...new Set(kitRows(facts).map(({ bank }) => bank))].sort();

/** Banks of the kit that a heat input can turn on, in order. */
export const reachableBanks = (facts: Facts): readonly number[] =>
  wiredBanks(facts).filter((bank) => bank <= heatInputs(facts).length);

/** Output of a job's kit at the service's volts relative to its rating: volts squared. */
export const kitShare = ({ heatKit }: Facts): number => (heatKit.serviceVolts / heatKit.ratedVolts) ** 2;

/** Each bank at the service's volts, bank 1 first; banks without elements are omitted. */
export const jobBanks = (facts: Facts): Bank[] =>
  wiredBanks(facts).map((bank) => {
    const plateKW = kitRows(facts)
      .filter((element) => element.bank === bank)
      .reduce((sum, { kW }) => sum + kW, 0);
    return { bank, kW: plateKW * kitShare(facts), plateKW };
  });
