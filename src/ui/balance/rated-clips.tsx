import { percentAlong, type SpanF } from '@/core/units/span';

/** Two clip paths of a 100 by 100 plot, `rated` and `drawn-on`: within and beyond the rating points. */
export const RatedClips = ({ ratedF, spanF }: { ratedF: SpanF; spanF: SpanF }) => {
  const [from, to] = ratedF.map((atF) => percentAlong(spanF, atF)) as [number, number];
  const rect = (x: number, width: number) => <rect x={x} y={-100} width={Math.max(0, width)} height={300} />;
  return (
    <defs>
      <clipPath id="rated">{rect(from, to - from)}</clipPath>
      <clipPath id="drawn-on">
        {rect(-100, from + 100)}
        {rect(to, 200 - to)}
      </clipPath>
    </defs>
  );
};
