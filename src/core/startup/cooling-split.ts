import { airDensityRatio, sensibleFactorAt } from '../units/air';
import { BTUH_PER_TON } from '../units/constants';
import { enthalpyBtuPerLb, humidityRatio, saturatedHumidity } from '../units/moist-air';

/** Heat that one CFM of standard air carries for each Btu a lb: 60 min × 0.075 lb/ft³. Source: ASHRAE Fundamentals. */
const TOTAL_FACTOR = 4.5;
/** Airflow and wet bulb at which a unit is rated for cooling. Source: AHRI 210/240. */
const RATED = { cfmPerTon: 400, wetBulbF: 67, outdoorF: 95 } as const;
/** Air that passes a coil untouched at the rated airflow, as a share. Our judgment: 3 or 4 rows of fins. */
const RATED_BYPASS = 0.12;
/** Change of capacity for each °F of wet bulb and outdoors, and with airflow. Our judgment: typical tables. */
const CAPACITY = { perWetBulbF: 0.012, perOutdoorF: -0.005, perAirShare: 0.12 } as const;

/** What a cooling coil meets. */
export interface CoilAir {
  /** Rated cooling, tons. */
  readonly tons: number;
  readonly cfm: number;
  readonly returnF: number;
  readonly wetBulbF: number;
  /** Outdoor temperature, °F; as rated where it was not read. */
  readonly outdoorF?: number;
  readonly elevationFt: number;
  /** Share of the full capacity that runs. */
  readonly share?: number;
}

/** The temperature at which saturated air has an enthalpy, °F. */
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
 * How much colder the supply air is than the return, °F: air mixes with what left the coil saturated at its own
 * temperature. Damp air gives more of the coil's work as water and splits less; little air splits more. A coil warmer
 * than the dew point takes sensible heat only.
 * @source bypass-factor method, ASHRAE Fundamentals; 80/67 °F at 400 CFM a ton splits near 20 °F
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
