import { BTU_PER_KWH } from '../units/constants';
import { capacityCurve, type HeatPump, powerCurve } from './heat-pump';

/** A compressor in a year's calculation: full stage, low stage if any, and how it moves between them. */
export interface Compressor {
  readonly full: HeatPump;
  /** Low stage, or minimum speed of an inverter. */
  readonly low: HeatPump | null;
  /** Whether it modulates between low and full. */
  readonly modulates: boolean;
  /** C_D of the part-load factor. */
  readonly cyclingLoss: number;
}

/** Output of a compressor over an hour. */
export interface CompressorHour {
  readonly btuh: number;
  readonly kW: number;
  /** Share of the hour that it runs at its lowest stage, without cycling loss; 1 if it never cycles off. */
  readonly runShare: number;
}

/** Capacity and power of a compressor at full and low stage, computed once for many hours. */
export interface CompressorCurves {
  /** Capacity at full stage, Btu/h; zero below its low-temperature cutoff. */
  readonly mostBtuh: (outdoorF: number) => number;
  /** Output for a demand, Btu/h, limited to its capacity. */
  readonly give: (outdoorF: number, wantedBtuh: number) => CompressorHour;
}

/**
 * Power drawn, kW. Far beyond the rating points an extrapolated line may fall below zero; no compressor returns power.
 */
const drawn = (heatPump: HeatPump) => {
  const { at } = powerCurve(heatPump);
  return (outdoorF: number) => Math.max(0, at(outdoorF));
};

/**
 * Heat and power of a compressor that cycles below its minimum capacity, mixes two stages, or modulates. Cycling:
 * part-load factor 1 − C_D (1 − load ÷ capacity). Two stages share the hour without loss. An inverter's COP is linear
 * from minimum to maximum capacity. @source 10 CFR 430 subpart B appendix M1
 */
export const compressorCurves = ({ full, low, modulates, cyclingLoss }: Compressor): CompressorCurves => {
  const most = capacityCurve(full).at;
  const mostKW = drawn(full);
  const least = low === null ? null : capacityCurve(low).at;
  const leastKW = low === null ? null : drawn(low);
  return {
    mostBtuh: most,
    give: (outdoorF, wantedBtuh) => {
      const highBtuh = most(outdoorF);
      if (highBtuh <= 0 || wantedBtuh <= 0) return { btuh: 0, kW: 0, runShare: 0 };
      const highKW = mostKW(outdoorF);
      if (wantedBtuh >= highBtuh) return { btuh: highBtuh, kW: highKW, runShare: 1 };
      const low = least === null ? highBtuh : least(outdoorF);
      const hasLow = low > 0 && low < highBtuh;
      const lowBtuh = hasLow ? low : highBtuh;
      const lowKW = hasLow ? leastKW!(outdoorF) : highKW;
      if (wantedBtuh <= lowBtuh) {
        const runShare = wantedBtuh / lowBtuh;
        return { btuh: wantedBtuh, kW: (lowKW * runShare) / (1 - cyclingLoss * (1 - runShare)), runShare };
      }
      const between = (wantedBtuh - lowBtuh) / (highBtuh - lowBtuh);
      if (!modulates) return { btuh: wantedBtuh, kW: lowKW + (highKW - lowKW) * between, runShare: 1 };
      if (lowKW <= 0 || highKW <= 0) return { btuh: wantedBtuh, kW: 0, runShare: 1 };
      const lowCop = lowBtuh / (lowKW * BTU_PER_KWH);
      const highCop = highBtuh / (highKW * BTU_PER_KWH);
      return {
        btuh: wantedBtuh,
        kW: wantedBtuh / ((lowCop + (highCop - lowCop) * between) * BTU_PER_KWH),
        runShare: 1,
      };
    },
  };
};
