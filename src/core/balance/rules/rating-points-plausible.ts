import type { Facts } from '../../job/document';
import type { Found, Rule } from '../../job/finding';
import { BTU_PER_KWH } from '../../units/constants';
import { roundTo } from '../../units/round';
import { capacityCurve, type HeatPump, powerCurve, type RatingPoint } from '../heat-pump';
import { jobHeatPump } from '../job-heat-pump';

/**
 * Today's units lie between these at their rating points; a power mistyped by a factor of ten does not. Our judgment.
 */
const COP_BOUNDS = [1, 7] as const;

/** No unit does better than this between design and mild weather. Our judgment. */
const COP_BEYOND = 9;

type At = (outdoorF: number) => number;

/** Rating temperatures of the test procedure (47, 17 and 5 °F), as data in °C shows them. */
const RATED_IN_C = [8.3, 8, 7, -8.3, -8, -15];
/** Data whose warmest point is below this in °F was typed in °C: 47 °F is 8.3 °C. */
const WARMEST_IN_C = 12;

const about = (severity: Found['severity'], aspect: string, what: string, fix: string): Found => ({
  severity,
  aspect,
  what,
  fix,
  page: 'survey',
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
            `rises at ${colder.outdoorF}`,
            `More heat at ${colder.outdoorF} °F than at ${warmer.outdoorF} °F.`,
            'Check the two rating points against the performance data. An inverter may be rated at part speed there: use the full-speed figures.',
          ),
        ];
  });

const oddCop = (points: readonly RatingPoint[]): Found[] =>
  points.flatMap(({ outdoorF, btuh, kW }) => {
    const cop = btuh / (kW * BTU_PER_KWH);
    return cop >= COP_BOUNDS[0] && cop <= COP_BOUNDS[1]
      ? []
      : [
          about(
            'warning',
            `COP at ${outdoorF}`,
            `At ${outdoorF} °F the COP would be ${roundTo(cop, 1)}.`,
            'Check that point’s Btu/h and kW, and the decimal point.',
          ),
        ];
  });

const inCelsius = (points: readonly RatingPoint[]): Found[] =>
  points.every(({ outdoorF }) => outdoorF <= WARMEST_IN_C) &&
  points.some(({ outdoorF }) => RATED_IN_C.some((atC) => Math.abs(outdoorF - atC) < 0.2))
    ? [
        about(
          'warning',
          'Celsius',
          `The warmest rating point is at ${points.at(-1)!.outdoorF} °F: that looks like °C.`,
          'Enter them in °F: 8.3 °C is 47, −8.3 °C is 17, −15 °C is 5.',
        ),
      ]
    : [];

/** Extrapolated lines over the house's own winter. */
const oddBeyond = ({ points }: HeatPump, { designOutdoorF, noLoadF }: Facts['house']): Found[] => {
  const [power, capacity] = [powerCurve, capacityCurve].map(
    (curve) => curve({ points, frost: false, minOutdoorF: null }).at,
  ) as [At, At];
  return [designOutdoorF, noLoadF].flatMap((outdoorF) => {
    const kW = power(outdoorF);
    return kW > 0 && capacity(outdoorF) / (kW * BTU_PER_KWH) <= COP_BEYOND
      ? []
      : [
          about(
            'warning',
            `beyond, ${outdoorF === designOutdoorF ? 'design' : 'no heat needed'}`,
            `Extrapolated to ${outdoorF} °F, the power would be ${roundTo(kW, 2)} kW for ${roundTo(capacity(outdoorF) / 1000, 1)} kBtu/h.`,
            'Add a rating point nearer to it, or correct the existing ones.',
          ),
        ];
  });
};

export const ratingPointsPlausible: Rule<Facts> = {
  id: 'rating-points-plausible',
  why: 'A mistyped rating moves the balance point by many degrees.',
  check: (facts) => {
    const points = [...facts.outdoorUnit.ratingPoints].sort((a, b) => a.outdoorF - b.outdoorF);
    const odd = oddCop(points);
    return [
      ...risesInCold(points),
      ...odd,
      ...inCelsius(points),
      ...(odd.length > 0 ? [] : oddBeyond(jobHeatPump(facts), facts.house)),
    ];
  },
};
