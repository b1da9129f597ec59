import type { Facts } from '../job/document';
import type { HeatPump, RatingPoint } from './heat-pump';

/** Rating points scaled by a share: a measured one, or for altitude. */
const withShare = (points: readonly RatingPoint[], share: number): readonly RatingPoint[] =>
  share === 1 ? points : points.map((point) => ({ ...point, btuh: point.btuh * share }));

/** A rating point between these outdoor temperatures includes frost, °F. Source: 10 CFR 430 subpart B app. M1. */
const FROST_POINT_F = [30, 40] as const;

/** Whether the rating data has a point where frost is heaviest. */
const hasFrostPoint = (points: readonly RatingPoint[]): boolean =>
  points.some(({ outdoorF }) => outdoorF >= FROST_POINT_F[0] && outdoorF <= FROST_POINT_F[1]);

const ofPoints = ({ outdoorUnit, proof }: Facts, points: readonly RatingPoint[]): HeatPump => ({
  points: withShare(points, proof.measuredShare ?? outdoorUnit.capacityShare),
  frost: outdoorUnit.frostDerate && !hasFrostPoint(points),
  minOutdoorF: outdoorUnit.minOutdoorF,
  trustsPointsOnly: true,
});

/** The same job with the unit as rated, without measured corrections: readings are judged by it. */
export const atRatedCapacity = (facts: Facts): Facts =>
  facts.proof.measuredShare === null ? facts : { ...facts, proof: { ...facts.proof, measuredShare: null } };

/**
 * A job's heat pump at full stage or speed, at its elevation. Frost is applied if there is no rating point between 30
 * and 40 °F and the job does not say otherwise, inverters included.
 */
export const jobHeatPump = (facts: Facts): HeatPump => ofPoints(facts, facts.outdoorUnit.ratingPoints);

/** The same unit at low stage or minimum speed; null if it has none or its data is missing. */
export const jobLowStage = (facts: Facts): HeatPump | null => {
  const { stages, lowPoints } = facts.outdoorUnit;
  return stages === 'single' || lowPoints.length < 2 ? null : ofPoints(facts, lowPoints);
};
