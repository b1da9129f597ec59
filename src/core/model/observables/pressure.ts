import type { FuelKind } from '../../units/constants';
import { type Asked, number, type ObservableKind, type Prediction } from './definition';

/**
 * Manifold pressure, in. w.c., unless the plate says otherwise; oil has none. Source: trade practice.
 */
export const MANIFOLD_IN_WC: Record<FuelKind, number | null> = { 'natural-gas': 3.5, propane: 10, 'fuel-oil': null };

/** Typical external static pressure relative to the table's maximum. Our judgment. */
const STATIC_SHARES = [0.5, 1] as const;

const staticPressure = (asked: Asked): Prediction => {
  const { ails } = asked.given;
  const most = asked.model.facts.airHandler.maxStaticInWc;
  if (ails === undefined)
    return {
      kind: 'unknown',
      needs: 'the ducts: only the blower table’s maximum is known',
      fact: 'airHandler.maxStaticInWc',
    };
  const { isBlowerOn } = asked.works();
  if (!isBlowerOn) return number(0);
  const [low, high] = STATIC_SHARES.map((share) => share * most * ails.staticShare) as [number, number];
  return number((low + high) / 2, [low, high]);
};

const manifoldPressure = ({ model, given }: Asked): Prediction => {
  const aim = MANIFOLD_IN_WC[model.facts.furnace.fuel];
  if (aim === null) return { kind: 'unknown', needs: 'the plate’s own pressure: oil has no manifold' };
  return number(aim * (given.ails?.manifoldShare ?? 1));
};

/** Static pressure of the ducts, and gas pressure of the manifold. */
export const pressure: ObservableKind<'pressure'> = {
  key: ({ at }, place) => `${place}/${at}`,
  read: (asked, { at }) => (at === 'static' ? staticPressure(asked) : manifoldPressure(asked)),
};
