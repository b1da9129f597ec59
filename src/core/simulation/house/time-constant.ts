import type { HouseThermal } from './house';

/** The slower of a house's two rates, 1/h: how its walls and things follow the weather. */
const slowRate = ({ lossBtuhPerF, airBtuPerF, massBtuPerF, couplingBtuhPerF }: HouseThermal): number => {
  const a = -(lossBtuhPerF + couplingBtuhPerF) / airBtuPerF;
  const d = -couplingBtuhPerF / massBtuPerF;
  const spread = Math.sqrt(((a - d) / 2) ** 2 + (couplingBtuhPerF / airBtuPerF) * (couplingBtuhPerF / massBtuPerF));
  return -((a + d) / 2 + spread);
};

/** Hours in which a house loses all but 1/e of what sets it apart from where it comes to rest. */
export const timeConstantH = (house: HouseThermal): number => 1 / slowRate(house);

/** Masses among which one is looked for, as shares of the house's own. */
const MASS_SHARES = [0.02, 50] as const;
const HALVINGS = 60;

/** The same house with as much mass as its time constant asks for; as near as its air lets it. */
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

/** A night on which a house cooled with everything off. */
export interface CoolDown {
  readonly fromF: number;
  readonly toF: number;
  readonly hours: number;
  readonly outdoorF: number;
}

/** What a cool-down says, hours; null where it says nothing: the room did not cool, or fell to where it rests. */
export const coolDownH = (
  { fromF, toF, hours, outdoorF }: CoolDown,
  { gainsBtuh, lossBtuhPerF }: HouseThermal,
  gainsShare: number,
): number | null => {
  const restF = outdoorF + (gainsShare * gainsBtuh) / lossBtuhPerF;
  if (toF >= fromF || toF <= restF) return null;
  return hours / Math.log((fromF - restF) / (toF - restF));
};
