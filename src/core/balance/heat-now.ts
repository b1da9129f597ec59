import { hasStages, reachedBtuh } from '../devices/furnace/stages';
import type { CoilId } from '../devices/ids';
import { bankCoilId, COMPRESSOR_COIL, FURNACE_COIL, SECOND_STAGE_COIL, VALVE_COIL } from '../devices/ids';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { elementKW } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { BTU_PER_KWH } from '../units/constants';
import { jobLoad } from './evidence';
import { capacityCurve } from './heat-pump';
import { jobHeatPump, jobLowStage } from './job-heat-pump';
import { loadCurve } from './load';

/** Coils that have pulled in. */
export interface On {
  readonly energized: ReadonlySet<CoilId>;
}

/** Heat pump output: a figure, or a range for an inverter. */
export interface HeatPumpNow {
  readonly leastBtuh: number;
  readonly mostBtuh: number;
  /** Whether the running stage has no data of its own, so that full-stage data is used. */
  readonly isFullTaken: boolean;
}

/** Whether the compressor runs with the valve in heating. */
export const isHeating = ({ outdoorUnit }: Facts, { energized }: On): boolean =>
  energized.has(COMPRESSOR_COIL) && energized.has(VALVE_COIL) === (outdoorUnit.reversingValve === 'B');

/**
 * Output of a running heat pump, Btu/h: low stage if the second stage is off, the whole range for an inverter; zero if
 * it is not heating.
 */
export const heatPumpNow = (facts: Facts, on: On, outdoorF: number): HeatPumpNow => {
  if (!isHeating(facts, on)) return { leastBtuh: 0, mostBtuh: 0, isFullTaken: false };
  const most = capacityCurve(jobHeatPump(facts)).at(outdoorF);
  const low = jobLowStage(facts);
  const least = low === null ? most : Math.min(most, capacityCurve(low).at(outdoorF));
  switch (facts.outdoorUnit.stages) {
    case 'single':
      return { leastBtuh: most, mostBtuh: most, isFullTaken: false };
    case 'inverter':
      return { leastBtuh: least, mostBtuh: most, isFullTaken: low === null };
    case 'two':
      return on.energized.has(SECOND_STAGE_COIL)
        ? { leastBtuh: most, mostBtuh: most, isFullTaken: false }
        : { leastBtuh: least, mostBtuh: least, isFullTaken: low === null };
  }
};

/** Output of the strip banks that are on, at a supply voltage, Btu/h. */
export const stripsNowBtuh = (facts: Facts, { energized }: On, volts: number): number => {
  const kit = jobElements(facts);
  return kitRows(facts).reduce(
    (sum, { bank }, at) => (energized.has(bankCoilId(bank)) ? sum + elementKW(kit[at]!, volts) * BTU_PER_KWH : sum),
    0,
  );
};

/** Furnace output, Btu/h, at the stage that its wiring allows. */
export const furnaceNowBtuh = (facts: Facts, { energized }: On): number => {
  if (!energized.has(FURNACE_COIL)) return 0;
  return reachedBtuh(facts, hasStages(facts) && [...energized].some((coil) => coil.startsWith('furnace stage')));
};

/** All heat sources at a moment, Btu/h. */
export interface HeatNow {
  readonly heatPumpBtuh: number;
  readonly stripsBtuh: number;
  readonly fossilBtuh: number;
  readonly totalBtuh: number;
}

/**
 * Heat into the house at an outdoor temperature, °F, with the given coils on. An inverter follows demand as far as it
 * can.
 */
export const heatNow = (facts: Facts, on: On, outdoorF: number): HeatNow => {
  const { leastBtuh, mostBtuh } = heatPumpNow(facts, on, outdoorF);
  const loadBtuh = loadCurve(jobLoad(facts).load).at(outdoorF);
  const heatPumpBtuh = Math.max(leastBtuh, Math.min(mostBtuh, loadBtuh));
  const stripsBtuh = stripsNowBtuh(facts, on, facts.heatKit.serviceVolts);
  const fossilBtuh = furnaceNowBtuh(facts, on);
  return { heatPumpBtuh, stripsBtuh, fossilBtuh, totalBtuh: heatPumpBtuh + stripsBtuh + fossilBtuh };
};
