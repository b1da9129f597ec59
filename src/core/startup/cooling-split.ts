import { airDensityRatio, sensibleFactorAt } from '../units/air';
import { BTUH_PER_TON } from '../units/constants';
import { enthalpyBtuPerLb, humidityRatio, saturatedHumidity } from '../units/moist-air';

/** Enthalpy of one CFM of standard air per Btu/lb: 60 min × 0.075 lb/ft³. Source: ASHRAE Fundamentals. */
const TOTAL_FACTOR = 4.5;
/** Rating airflow and wet bulb for cooling. Source: AHRI 210/240. */
const RATED = { cfmPerTon: 400, wetBulbF: 67, outdoorF: 95 } as const;
/** Bypass factor at rated airflow. Our judgment: 3 or 4 rows of fins. */
const RATED_BYPASS = 0.12;
/** Capacity change per °F of wet bulb and outdoor temperature, and with airflow. Our judgment: typical tables. */
const CAPACITY = { perWetBulbF: 0.012, perOutdoorF: -0.005, perAirShare: 0.12 } as const;

/** Conditions at a cooling coil. */
export interface CoilAir {
  /** Rated cooling, tons. */
  readonly tons: number;
  readonly cfm: number;
  readonly returnF: number;
  readonly wetBulbF: number;
  /** Outdoor temperature, °F; the rating temperature if not read. */
  readonly outdoorF?: number;
  readonly elevationFt: number;
  /** Share of full capacity that runs. */
  readonly share?: number;
}

/** Saturation temperature for an enthalpy, °F. */
const saturatedAtF = (btuPerLb: number, elevationFt: number): number => {
  let [low, high] = [32, 100];
  for (let step = 0; step < 40; step += 1) {
    const middle = (low + high) / 2;
    if (enthalpyBtuPerLb(middle, saturatedHumidity(middle, elevationFt)) < btuPerLb) low = middle;
    else high = middle;
  }
  return low;
};

/**
 * Cooling split, °F: air mixes with what left the coil saturated at its own temperature. Damp air turns more of the
 * capacity into water and splits less; low airflow splits more. A coil warmer than the dew point takes sensible heat
 * only. @source bypass-factor method, ASHRAE Fundamentals; 80/67 °F at 400 CFM a ton splits near 20 °F
 */
export const coolingSplitF = ({ tons, cfm, returnF, wetBulbF, outdoorF, elevationFt, share = 1 }: CoilAir): number => {
  const ofRated = cfm / tons / RATED.cfmPerTon;
  const capacityBtuh =
    tons *
    BTUH_PER_TON *
    share *
    (1 + CAPACITY.perWetBulbF * (wetBulbF - RATED.wetBulbF)) *
    (1 + CAPACITY.perOutdoorF * ((outdoorF ?? RATED.outdoorF) - RATED.outdoorF)) *
    (1 + CAPACITY.perAirShare * (Math.min(ofRated, 1.5) - 1));
  const dryF = capacityBtuh / (sensibleFactorAt(elevationFt) * cfm);
  const humidity = humidityRatio(returnF, wetBulbF, elevationFt);
  const passed = RATED_BYPASS ** (1 / ofRated);
  const onCoil = 1 - passed;
  const takenBtuPerLb = capacityBtuh / (TOTAL_FACTOR * airDensityRatio(elevationFt) * cfm);
  const coilF = saturatedAtF(enthalpyBtuPerLb(returnF, humidity) - takenBtuPerLb / onCoil, elevationFt);
  // Above the dew point the coil is dry.
  return saturatedHumidity(coilF, elevationFt) >= humidity ? dryF : Math.min(dryF, onCoil * (returnF - coilF));
};
