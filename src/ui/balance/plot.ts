import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { ChartLine, ChartPoint } from '@/core/balance/chart';
import { percentAlong, type SpanF } from '@/core/units/span';

/** A plot on the ruler's scale: outdoor temperature across, a value upward from zero. */
export interface Plot {
  readonly spanF: SpanF;
  readonly most: number;
}

/** Vertical position of a value, percent from the top; outside 0 to 100 if beyond the plot. */
export const percentDown = ({ most }: Plot, value: number): number => 100 * (1 - value / most);

/** A line's path in a 100 by 100 box. */
export const pathOf = (plot: Plot, points: readonly ChartPoint[]): string =>
  line<ChartPoint>(
    ([atF]) => percentAlong(plot.spanF, atF),
    ([, value]) => percentDown(plot, value),
  )(points) ?? '';

const valueAt = (points: readonly ChartPoint[], atF: number): number => {
  const upper = Math.max(
    1,
    points.findIndex(([pointF]) => pointF >= atF),
  );
  const [low, high] = [points[upper - 1]!, points[upper]!];
  return high[0] === low[0] ? high[1] : low[1] + ((high[1] - low[1]) * (atF - low[0])) / (high[0] - low[0]);
};

/** Possible label positions along a line, °F; for a fine line, where frost separates it. */
const LABEL_PLACES_F = { bold: [-18, -10, -2, 6, 14, 22, 46, 54], fine: [34, 28, 40, 8, 52] } as const;
/** Percent of the plot's height. */
const LABEL_HEIGHT = 8;

/** A label's place: percent across and down, and its anchored end, so that its line does not cross it. */
export interface LabelPlace {
  readonly id: string;
  readonly across: number;
  readonly down: number;
  readonly end: 'left' | 'right';
}

/** Horizontal extent of a label, percent. */
export const labelReach = (
  { across, end }: Pick<LabelPlace, 'across' | 'end'>,
  width: number,
): readonly [number, number] => (end === 'right' ? [across - width, across] : [across, across + width]);

/**
 * A place above each line where its label overlaps no other and stays within the plot. Lines without such a place have
 * no label.
 * @param widthOf width of a line's label, percent of the plot
 */
export const labelPlaces = <Line extends Pick<ChartLine, 'id' | 'points' | 'weight'>>(
  plot: Plot,
  lines: readonly Line[],
  widthOf: (line: Line) => number,
): LabelPlace[] => {
  const taken: (LabelPlace & { readonly reach: readonly [number, number] })[] = [];
  for (const line of lines) {
    const { id, points, weight } = line;
    const place = LABEL_PLACES_F[weight]
      .map((atF) => {
        const isRising = valueAt(points, atF + 1) > valueAt(points, atF);
        const across = percentAlong(plot.spanF, atF);
        const end = isRising ? ('right' as const) : ('left' as const);
        return {
          id,
          across,
          down: percentDown(plot, valueAt(points, atF)),
          end,
          reach: labelReach({ across, end }, widthOf(line)),
        };
      })
      .find(
        ({ down, reach: [from, to] }) =>
          down > LABEL_HEIGHT &&
          down < 100 &&
          from >= 0 &&
          to <= 100 &&
          taken.every(
            (other) => from >= other.reach[1] || to <= other.reach[0] || Math.abs(other.down - down) > LABEL_HEIGHT,
          ),
      );
    if (place) taken.push(place);
  }
  return taken.map(({ reach: _, ...place }) => place);
};

/** Round axis values, about five of them. */
export const valueTicks = (most: number): number[] => scaleLinear([0, most], [0, 100]).ticks(5);
