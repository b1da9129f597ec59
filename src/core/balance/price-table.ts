import type { Facts } from '../job/document';
import { roundTo } from '../units/round';
import { breakEvenCop, economicBalanceF } from './economic-balance';
import { balanceInput } from './from-job';
import { isExtrapolated } from './heat-pump';

/** An economic balance point at one pair of prices. */
export interface PriceCell {
  readonly electricPerKWh: number;
  readonly fuelPerUnit: number;
  readonly copEven: number;
  readonly balanceF: number | 'always' | 'never';
  /** Whether the balance point lies beyond the rating points. */
  readonly isDrawnOn: boolean;
  /** Whether both prices are the job's own. */
  readonly isToday: boolean;
}

/** Prices to tabulate, relative to today's. */
const STEPS = [0.6, 0.8, 1, 1.25, 1.6];

const tried = (price: number): number[] =>
  STEPS.map((step) => (step === 1 ? price : roundTo(price * step, price < 1 ? 3 : 2)));

/**
 * Economic balance points around today's prices: a row per price of electricity, a column per fuel price. Empty without
 * a furnace.
 */
export const priceTable = (facts: Facts): PriceCell[][] => {
  const { fuel, heatPump, electricPerKWh } = balanceInput(facts);
  if (!fuel || electricPerKWh === undefined) return [];
  return tried(electricPerKWh).map((electric) =>
    tried(fuel.pricePerUnit).map((pricePerUnit): PriceCell => {
      const copEven = breakEvenCop(electric, { ...fuel, pricePerUnit });
      const balanceF = economicBalanceF(heatPump, copEven);
      return {
        electricPerKWh: electric,
        fuelPerUnit: pricePerUnit,
        copEven,
        balanceF,
        isDrawnOn: typeof balanceF === 'number' && isExtrapolated(heatPump, balanceF),
        isToday: electric === electricPerKWh && pricePerUnit === fuel.pricePerUnit,
      };
    }),
  );
};
