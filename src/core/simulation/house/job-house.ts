import { jobLoad } from '../../balance/evidence';
import type { Facts } from '../../job/document';
import { LEAST_GAINS } from './gains';
import type { HouseThermal } from './house';
import { coolDownH, timeConstantH, withTimeConstant } from './time-constant';

/**
 * Thermal data per square foot of floor: Btu/°F of air and light contents, Btu/°F of mass by construction, Btu/h per °F
 * between them. Our judgment, near wood frame with drywall; a cool-down measured on site overrides it.
 */
const PER_FT2 = { air: 0.6, mass: { light: 2.5, medium: 5, heavy: 10 }, coupling: 2.6 } as const;

/** Loss per square foot if the floor area is unknown, Btu/h per °F. Our judgment. */
const LOSS_PER_FT2 = 0.3;

/** Source of a house's time constant. */
export type HouseWeightFrom = 'logger' | 'cool-down' | 'weight';

/** A job's house by construction only. */
const byWeight = (facts: Facts): HouseThermal => {
  const { house, load } = facts;
  const line = jobLoad(facts).load;
  const lossBtuhPerF = line.designBtuh / (line.noLoadF - line.designOutdoorF);
  const floorFt2 = load.floorFt2 ?? lossBtuhPerF / LOSS_PER_FT2;
  return {
    lossBtuhPerF,
    airBtuPerF: PER_FT2.air * floorFt2,
    massBtuPerF: PER_FT2.mass[house.weight] * floorFt2,
    couplingBtuhPerF: PER_FT2.coupling * floorFt2,
    // At the setpoint, loss minus gains is the load line.
    gainsBtuh: lossBtuhPerF * (house.heatSetpointF - line.noLoadF),
  };
};

/** Measured time constant, hours, and its source; null: none usable. */
const measuredH = (
  { house }: Facts,
  thermal: HouseThermal,
): { readonly hours: number; readonly from: HouseWeightFrom } | null => {
  if (house.timeConstantH !== null) return { hours: house.timeConstantH, from: 'logger' };
  // At night people and lights give little heat.
  const nights = house.coolDowns.flatMap((row) => coolDownH(row, thermal, LEAST_GAINS) ?? []);
  if (nights.length === 0) return null;
  return { hours: nights.reduce((sum, each) => sum + each, 0) / nights.length, from: 'cool-down' };
};

/** A job's house: loss and gains from the load line, mass from a measurement or the construction. */
export const jobHouse = (facts: Facts): HouseThermal => {
  const thermal = byWeight(facts);
  const measured = measuredH(facts, thermal);
  return measured === null ? thermal : withTimeConstant(thermal, measured.hours);
};

/** A job's time constant, hours, and its source. */
export const jobTimeConstant = (facts: Facts): { readonly hours: number; readonly from: HouseWeightFrom } => ({
  hours: timeConstantH(jobHouse(facts)),
  from: measuredH(facts, byWeight(facts))?.from ?? 'weight',
});
