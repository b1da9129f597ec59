import { jobLoad } from '../../balance/evidence';
import type { Facts } from '../../job/document';
import { LEAST_GAINS } from './gains';
import type { HouseThermal } from './house';
import { coolDownH, timeConstantH, withTimeConstant } from './time-constant';

/**
 * What a house stores and passes on, for each square foot of floor: Btu/°F in its air and light things, Btu/°F in its
 * mass by its weight, Btu/h per °F between them. Our judgment, near wood frame with drywall; a cool-down measured on
 * site knows better.
 */
const PER_FT2 = { air: 0.6, mass: { light: 2.5, medium: 5, heavy: 10 }, coupling: 2.6 } as const;

/** Loss of a square foot where the floor is not known, Btu/h per °F. Our judgment. */
const LOSS_PER_FT2 = 0.3;

/** Where a house's time constant comes from. */
export type HouseWeightFrom = 'logger' | 'cool-down' | 'weight';

/** The house of a job by its weight alone. */
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
    // At the setpoint the loss less the gains is the load line.
    gainsBtuh: lossBtuhPerF * (house.heatSetpointF - line.noLoadF),
  };
};

/** What was measured of a house, hours, and by what; null: nothing that says anything. */
const measuredH = (
  { house }: Facts,
  thermal: HouseThermal,
): { readonly hours: number; readonly from: HouseWeightFrom } | null => {
  if (house.timeConstantH !== null) return { hours: house.timeConstantH, from: 'logger' };
  // At night people and lamps give little.
  const nights = house.coolDowns.flatMap((row) => coolDownH(row, thermal, LEAST_GAINS) ?? []);
  if (nights.length === 0) return null;
  return { hours: nights.reduce((sum, each) => sum + each, 0) / nights.length, from: 'cool-down' };
};

/** The house of a job: its loss and gains from the load line, its weight from what was measured, or from its kind. */
export const jobHouse = (facts: Facts): HouseThermal => {
  const thermal = byWeight(facts);
  const measured = measuredH(facts, thermal);
  return measured === null ? thermal : withTimeConstant(thermal, measured.hours);
};

/** How long a job's house holds its heat, hours, and how that is known. */
export const jobTimeConstant = (facts: Facts): { readonly hours: number; readonly from: HouseWeightFrom } => ({
  hours: timeConstantH(jobHouse(facts)),
  from: measuredH(facts, byWeight(facts))?.from ?? 'weight',
});
