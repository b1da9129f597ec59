import type { Facts } from '../job/document';
import type { HeatPump, RatingPoint } from './heat-pump';

/** A sheet's points with a share of their heat: what was measured, or what thin air leaves. */
const withShare = (points: readonly RatingPoint[], share: number): readonly RatingPoint[] =>
  share === 1 ? points : points.map((point) => ({ ...point, btuh: point.btuh * share }));

/** Between these outdoor temperatures a sheet's own point has frost in it, °F. Source: 10 CFR 430 subpart B app. M1. */
const FROST_POINT_F = [30, 40] as const;

/** Whether a sheet has a point of its own where frost is heaviest. */
const hasFrostPoint = (points: readonly RatingPoint[]): boolean =>
  points.some(({ outdoorF }) => outdoorF >= FROST_POINT_F[0] && outdoorF <= FROST_POINT_F[1]);

const ofPoints = ({ outdoorUnit, proof }: Facts, points: readonly RatingPoint[]): HeatPump => ({
  points: withShare(points, proof.measuredShare ?? outdoorUnit.capacityShare),
  frost: outdoorUnit.frostDerate && !hasFrostPoint(points),
  minOutdoorF: outdoorUnit.minOutdoorF,
  trustsPointsOnly: true,
});

/** The same job with its unit as its sheet has it, whatever was measured: what a reading is judged by. */
export const atRatedCapacity = (facts: Facts): Facts =>
  facts.proof.measuredShare === null ? facts : { ...facts, proof: { ...facts.proof, measuredShare: null } };

/**
 * A job's heat pump at full stage or full speed, at its elevation. Frost is taken off where its sheet has no point
 * between 30 and 40 °F and the job does not say otherwise, inverters included.
 */
export const jobHeatPump = (facts: Facts): HeatPump => ofPoints(facts, facts.outdoorUnit.ratingPoints);

/**
 * The same unit at low stage, or at an inverter's least speed; null where it has none or its points are not known.
 */
export const jobLowStage = (facts: Facts): HeatPump | null => {
  const { stages, lowPoints } = facts.outdoorUnit;
  return stages === 'single' || lowPoints.length < 2 ? null : ofPoints(facts, lowPoints);
};
