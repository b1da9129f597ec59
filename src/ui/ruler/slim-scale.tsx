'use client';

import { useMemo } from 'react';
import { outdoorRuler } from '@/core/balance/outdoor-ruler';
import { percentAlong } from '@/core/units/span';
import { useJob } from '../job/provider';
import { SOURCE_COLOR } from '../theme/source-colors';
import { SlimNeedle } from './needle';

/** Height of a lane, and of the space above and below the lanes, px. */
const LANE = 5;
const EDGE = 4;
const WIDTH = 1000;

/** The ruler as one line: range of each source, lockouts, gaps, balance and design, and the needle. */
export const SlimScale = () => {
  const facts = useJob((job) => job.facts);
  const { spanF, lanes, marks, gapsF, shortfallsF, possibleGap } = useMemo(() => outdoorRuler(facts), [facts]);
  const at = (atF: number) => (percentAlong(spanF, atF) * WIDTH) / 100;
  const height = lanes.length * LANE + 2 * EDGE;
  return (
    <span aria-hidden className="keeps-color relative block w-full" style={{ height }}>
      <svg viewBox={`0 0 ${WIDTH} ${height}`} preserveAspectRatio="none" className="absolute inset-0 size-full">
        {lanes.map((lane, row) => {
          const top = EDGE + row * LANE;
          return (
            <g key={lane.id}>
              <rect x={0} y={top + LANE / 2 - 1} width={WIDTH} height={1} className="fill-line-strong" />
              {lane.openF.map((open) => (
                <rect
                  key={open[0]}
                  x={at(open[0])}
                  y={top + 0.5}
                  width={at(open[1]) - at(open[0])}
                  height={LANE - 1}
                  fill={SOURCE_COLOR[lane.source]}
                />
              ))}
              {lane.markers.map((post) => (
                <rect
                  key={post.label}
                  x={at(post.atF) - 1.5}
                  y={top - 1}
                  width={3}
                  height={LANE + 1}
                  className="fill-ink"
                />
              ))}
            </g>
          );
        })}
        {marks.map((mark) => (
          <line
            key={mark.id}
            x1={at(mark.atF)}
            x2={at(mark.atF)}
            y1={0}
            y2={height}
            vectorEffect="non-scaling-stroke"
            strokeDasharray="3 2"
            className="stroke-ink"
          />
        ))}
        {possibleGap && (
          <rect
            x={at(possibleGap.spanF[0])}
            y={0.5}
            width={at(possibleGap.spanF[1]) - at(possibleGap.spanF[0])}
            height={height - 1}
            vectorEffect="non-scaling-stroke"
            strokeWidth={2}
            strokeDasharray="2 2"
            className="fill-none stroke-fail"
          />
        )}
        {[...shortfallsF, ...gapsF].map((gap, number) => (
          <rect
            key={number}
            x={at(gap[0])}
            y={0.5}
            width={at(gap[1]) - at(gap[0])}
            height={height - 1}
            vectorEffect="non-scaling-stroke"
            strokeWidth={2}
            className={`fill-none ${number < shortfallsF.length ? 'stroke-warn' : 'stroke-fail'}`}
          />
        ))}
      </svg>
      <SlimNeedle spanF={spanF} />
    </span>
  );
};
