import { BTU_PER_KWH } from '../units/constants';
import type { SpanF } from '../units/span';
import { breakEvenCop, economicBalanceF, type Fuel } from './economic-balance';
import { capacityCurve, type HeatPump } from './heat-pump';
import { addCurves, type Curve, flatCurve, highestAboveF, largerOf, scaleCurve, spansAbove } from './line';
import { type HouseLoad, loadCurve } from './load';
import { backupToF, compressorFromF, type Lockouts } from './lockouts';
import { COLDEST_SEARCH_F } from './range';

export interface BalanceInput {
  readonly load: HouseLoad;
  readonly heatPump: HeatPump;
  /** Rated power of each bank in staging order, kW. */
  readonly banksKW: readonly number[];
  readonly lockouts: Lockouts;
  /** Price of electricity per kWh; used for the economic balance point only. */
  readonly electricPerKWh?: number;
  readonly fuel?: Fuel;
}

export interface Balance {
  /** Highest outdoor temperature at which the load exceeds heat pump capacity, °F; null: never down to −30 °F. */
  readonly thermalBalanceF: number | null;
  /** For each bank, the highest temperature at which everything before it is not enough, °F. */
  readonly bankGatesF: readonly (number | null)[];
  /** Shortfall of the heat pump at design, kW. */
  readonly requiredKW: number;
  /** The whole load at design, kW. */
  readonly emergencyKW: number;
  readonly copEven?: number;
  readonly economicBalanceF?: number | 'always' | 'never';
  /** Ranges with a load in which no source may run. */
  readonly gapsF: readonly SpanF[];
  /** Ranges in which sources may run but fall short of the load. */
  readonly shortfallsF: readonly SpanF[];
}

const bankBtuh = (kW: number) => kW * BTU_PER_KWH;

/** A curve limited to a range: zero elsewhere. */
const only = (curve: Curve, fromF: number, toF: number): Curve => ({
  at: (outdoorF) => (outdoorF >= fromF && outdoorF <= toF ? curve.at(outdoorF) : 0),
  breaksF: [...curve.breaksF, fromF, toF].filter(Number.isFinite),
});

const less = (one: Curve, other: Curve) => addCurves(one, scaleCurve(other, -1));

/**
 * Heat that the lockouts allow at each outdoor temperature, Btu/h. With a furnace it is the larger of the two sources,
 * because they never run together.
 */
export const allowedCurve = ({ heatPump, banksKW, lockouts, fuel }: BalanceInput, within: SpanF): Curve => {
  const compressor = only(capacityCurve(heatPump), compressorFromF(lockouts, heatPump.minOutdoorF), Infinity);
  if (fuel) return largerOf(compressor, only(flatCurve(fuel.outputBtuh), -Infinity, backupToF(lockouts, -1)), within);
  return addCurves(
    compressor,
    ...banksKW.map((kW, bank) => only(flatCurve(bankBtuh(kW)), -Infinity, backupToF(lockouts, bank))),
  );
};

/**
 * Balance points, gaps and shortfalls of a house. Balance point and bank temperatures ignore lockouts and are searched
 * from the no-heat temperature down to −30 °F; gaps and shortfalls lie between design and the no-heat temperature.
 * @param input two or more rating points, no-load above design; prices above zero where there is fuel
 */
export const balance = (input: BalanceInput): Balance => {
  const { load, heatPump, banksKW, lockouts, electricPerKWh, fuel } = input;
  const house = loadCurve(load);
  const capacity = capacityCurve(heatPump);
  const search: SpanF = [COLDEST_SEARCH_F, load.noLoadF];
  const heating: SpanF = [load.designOutdoorF, load.noLoadF];
  const balanceWith = (btuh: number) => highestAboveF(less(house, addCurves(capacity, flatCurve(btuh))), search);

  const before = banksKW.map((_, bank) => banksKW.slice(0, bank).reduce((sum, kW) => sum + bankBtuh(kW), 0));
  const designDeficit = load.designBtuh - capacity.at(load.designOutdoorF);

  const compressorF = compressorFromF(lockouts, heatPump.minOutdoorF);
  const backups = fuel ? [-1] : banksKW.map((_, bank) => bank);
  const backupF = Math.max(-Infinity, ...backups.map((bank) => backupToF(lockouts, bank)));
  const gap: SpanF[] =
    backupF < compressorF ? [[Math.max(backupF, heating[0]), Math.min(compressorF, heating[1])]] : [];
  const holesF = gap.filter(([fromF, toF]) => toF - fromF > 1e-6);

  const lacking = spansAbove(less(house, allowedCurve(input, heating)), heating);
  const economics =
    fuel && electricPerKWh !== undefined
      ? {
          copEven: breakEvenCop(electricPerKWh, fuel),
          economicBalanceF: economicBalanceF(heatPump, breakEvenCop(electricPerKWh, fuel)),
        }
      : {};
  return {
    thermalBalanceF: balanceWith(0),
    bankGatesF: before.map(balanceWith),
    requiredKW: Math.max(0, designDeficit) / BTU_PER_KWH,
    emergencyKW: load.designBtuh / BTU_PER_KWH,
    ...economics,
    gapsF: holesF,
    shortfallsF: lacking.flatMap((span) => outside(span, holesF)),
  };
};

/** The rest of a span after other spans are cut out of it. */
const outside = (span: SpanF, others: readonly SpanF[]): SpanF[] =>
  others
    .reduce<SpanF[]>(
      (left, [fromF, toF]) =>
        left.flatMap(([low, high]): SpanF[] =>
          toF <= low || fromF >= high
            ? [[low, high]]
            : [
                [low, Math.min(high, fromF)],
                [Math.max(low, toF), high],
              ],
        ),
      [span],
    )
    .filter(([low, high]) => high - low > 1e-6);
