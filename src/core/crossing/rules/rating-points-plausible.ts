import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { BTU_PER_KWH } from '../../units/constants';
import { roundTo } from '../../units/round';
import type { RatingPoint } from '../heat-pump';

/** Units of today lie between these at their rating points, ten times a mistyped power does not. */
const COP_BOUNDS = [1, 7] as const;

/** Rating temperatures of the test procedure, 47, 17 and 5 °F, as they stand on a sheet in °C. */
const RATED_IN_C = [8.3, 8, 7, -8.3, -8, -15];
const WARMEST_IN_C = 12;

const about = (severity: Found['severity'], what: string, mend: string): Found => ({
  severity,
  what,
  mend,
  page: 'sheet',
  fact: 'outdoorUnit.ratingPoints',
});

const risesInCold = (points: readonly RatingPoint[]): Found[] =>
  points.slice(1).flatMap((warmer, at) => {
    const colder = points[at]!;
    return colder.btuh <= warmer.btuh
      ? []
      : [
          about(
            'warning',
            `More heat at ${colder.outdoorF} °F than at ${warmer.outdoorF} °F.`,
            'Check the two rating points against the unit’s sheet. An inverter may be rated so at part speed: use the figures for full speed.',
          ),
        ];
  });

const oddCop = (points: readonly RatingPoint[]): Found[] =>
  points.flatMap(({ outdoorF, btuh, kW }) => {
    const cop = btuh / (kW * BTU_PER_KWH);
    return cop >= COP_BOUNDS[0] && cop <= COP_BOUNDS[1]
      ? []
      : [about('warning', `At ${outdoorF} °F the COP would be ${roundTo(cop, 1)}.`, 'Check heat and power of that point: Btu/h against kW, and the decimal.')];
  });

const inCelsius = (points: readonly RatingPoint[]): Found[] =>
  points.every(({ outdoorF }) => outdoorF <= WARMEST_IN_C) && points.some(({ outdoorF }) => RATED_IN_C.some((atC) => Math.abs(outdoorF - atC) < 0.2))
    ? [
        about(
          'warning',
          `The warmest rating point is at ${points.at(-1)!.outdoorF} °F: that looks like °C.`,
          'Enter them in °F: 8.3 °C is 47, −8.3 °C is 17, −15 °C is 5.',
        ),
      ]
    : [];

export const ratingPointsPlausible: Rule<Facts> = {
  id: 'rating-points-plausible',
  why: 'A mistyped rating moves the balance point by many degrees.',
  check: ({ outdoorUnit }) => {
    const points = [...outdoorUnit.ratingPoints].sort((a, b) => a.outdoorF - b.outdoorF);
    return [...risesInCold(points), ...oddCop(points), ...inCelsius(points)];
  },
};
