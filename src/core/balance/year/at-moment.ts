import type { Facts } from '../../job/document';
import { FUEL_BTU_PER_UNIT } from '../../units/constants';
import { jobLoad } from '../evidence';
import { balanceAt } from '../from-job';
import { loadCurve } from '../load';
import { jobPlant, jobTariff } from './from-job';
import { electricKW, type HourHeat, hourOf } from './hour';

/** A job at one outdoor temperature: load, available heat, average output of each source, and cost of an hour. */
export interface AtMoment extends HourHeat {
  readonly lowBtuh: number;
  readonly highBtuh: number;
  /** Heat pump capacity, ignoring lockouts. */
  readonly heatPumpBtuh: number;
  readonly cop: number;
  /** Whether capacity, power and COP are extrapolated beyond the rating points. */
  readonly isDrawnOn: boolean;
  readonly costPerHour: number;
}

/** A job at an outdoor temperature, °F, with its present settings. */
export const atMoment = (facts: Facts, outdoorF: number): AtMoment => {
  const plant = jobPlant(facts);
  const tariff = jobTariff(facts);
  const heat = hourOf(plant)(outdoorF);
  const { load, lowBtuh, highBtuh } = jobLoad(facts);
  const { heatPumpBtuh, cop, isDrawnOn } = balanceAt(facts, outdoorF);
  const loadWith = (designBtuh: number) => loadCurve({ ...load, designBtuh }).at(outdoorF);
  const fuelUnits = plant.fuel ? heat.fossilBtuh / (FUEL_BTU_PER_UNIT[plant.fuel.kind] * plant.fuel.efficiency) : 0;
  return {
    ...heat,
    lowBtuh: loadWith(lowBtuh),
    highBtuh: loadWith(highBtuh),
    heatPumpBtuh,
    cop,
    isDrawnOn,
    costPerHour: electricKW(heat) * tariff.electricPerKWh + fuelUnits * tariff.fuelPerUnit,
  };
};
