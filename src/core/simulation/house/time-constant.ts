import type { HouseThermal } from './house';

/** Slower of a house's two rates, 1/h: how its walls and contents follow the weather. */
const slowRate = ({ lossBtuhPerF, airBtuPerF, massBtuPerF, couplingBtuhPerF }: HouseThermal): number => {
  const a = -(lossBtuhPerF + couplingBtuhPerF) / airBtuPerF;
  const d = -couplingBtuhPerF / massBtuPerF;
  const spread = Math.sqrt(((a - d) / 2) ** 2 + (couplingBtuhPerF / airBtuPerF) * (couplingBtuhPerF / massBtuPerF));
  return -((a + d) / 2 + spread);
};

/** Time constant, hours: after it, 1/e of the deviation from equilibrium remains. */
export const timeConstantH = (house: HouseThermal): number => 1 / slowRate(house);

/** Range of masses to search, relative to the house's own. */
const MASS_SHARES = [0.02, 50] as const;
const HALVINGS = 60;

/** The same house with the mass that gives a time constant, as close as its air allows. */
export const withTimeConstant = (house: HouseThermal, hours: number): HouseThermal => {
  let [low, high]: [number, number] = [MASS_SHARES[0], MASS_SHARES[1]];
  const massed = (share: number): HouseThermal => ({ ...house, massBtuPerF: house.massBtuPerF * share });
  for (let step = 0; step < HALVINGS; step++) {
    const middle = Math.sqrt(low * high);
    if (timeConstantH(massed(middle)) < hours) low = middle;
    else high = middle;
  }
  return massed(Math.sqrt(low * high));
};

/** A night in which a house cooled with everything off. */
export interface CoolDown {
  readonly fromF: number;
  readonly toF: number;
  readonly hours: number;
  readonly outdoorF: number;
}

/** Time constant from a cool-down, hours; null if the room did not cool, or reached equilibrium. */
export const coolDownH = (
  { fromF, toF, hours, outdoorF }: CoolDown,
  { gainsBtuh, lossBtuhPerF }: HouseThermal,
  gainsShare: number,
): number | null => {
  const restF = outdoorF + (gainsShare * gainsBtuh) / lossBtuhPerF;
  if (toF >= fromF || toF <= restF) return null;
  return hours / Math.log((fromF - restF) / (toF - restF));
};
