import type { Facts } from '../job/document';
import type { HeatPump, RatingPoint } from './heat-pump';

const atElevation = (points: readonly RatingPoint[], share: number): readonly RatingPoint[] =>
  share === 1 ? points : points.map((point) => ({ ...point, btuh: point.btuh * share }));

/**
 * A job's heat pump at full stage or full speed, at its elevation. Only units of one or two stages get the frost
 * derate.
 */
export const jobHeatPump = ({ outdoorUnit }: Facts): HeatPump => ({
  points: atElevation(outdoorUnit.ratingPoints, outdoorUnit.capacityShare),
  frost: outdoorUnit.frostDerate && outdoorUnit.stages !== 'inverter',
  minOutdoorF: outdoorUnit.minOutdoorF,
});

/** The same unit at low stage, or at an inverter's least speed; null where it has none or its points are not known. */
export const jobLowStage = (facts: Facts): HeatPump | null => {
  const { stages, lowPoints, capacityShare } = facts.outdoorUnit;
  return stages === 'single' || lowPoints.length < 2
    ? null
    : { ...jobHeatPump(facts), points: atElevation(lowPoints, capacityShare) };
};
