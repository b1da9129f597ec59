'use client';

import type { RefObject } from 'react';
import type { LockoutMarker } from '@/core/balance/outdoor-ruler';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';
import { useLockoutMarker } from '../ruler/use-lockout-marker';

interface ChartGateProps {
  readonly post: LockoutMarker;
  /** Row of its label from the bottom, so that labels of close lockouts do not overlap. */
  readonly row: number;
  readonly colour: string;
  readonly spanF: SpanF;
  readonly track: RefObject<HTMLElement | null>;
}

const ROW_PX = 20;

/** A lockout line across the chart, draggable. */
export const ChartLockout = ({ post, row, colour, spanF, track }: ChartGateProps) => {
  const { figure, unit } = useDegrees();
  const slider = useLockoutMarker(post, spanF, track);
  const place = { left: `${percentAlong(spanF, post.atF)}%` };
  const isFarRight = percentAlong(spanF, post.atF) > 60;
  const drawn = (
    <>
      <span className="absolute inset-y-0 left-1/2 w-[3px] -translate-x-1/2" style={{ background: colour }} />
      <span
        className={`absolute bg-paper px-1 font-sans text-sm font-semibold whitespace-nowrap ${isFarRight ? 'right-[calc(50%+4px)]' : 'left-[calc(50%+4px)]'}`}
        style={{ color: colour, bottom: 4 + row * ROW_PX }}
      >
        {post.label} <span className="font-mono text-xs">{figure(post.atF)}</span>
      </span>
    </>
  );
  return slider ? (
    <button
      type="button"
      aria-label={`${post.label} on the chart, ${unit}`}
      className="absolute inset-y-0 z-10 w-11 -translate-x-1/2 cursor-ew-resize touch-none"
      style={place}
      {...slider}
    >
      {drawn}
    </button>
  ) : (
    <span className="pointer-events-none absolute inset-y-0 w-3 -translate-x-1/2" style={place}>
      {drawn}
    </span>
  );
};
