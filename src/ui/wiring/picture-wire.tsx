'use client';

import type { DrawnEnd, DrawnWire } from '@/core/wiring/drawing';
import { pathText } from '@/core/wiring/drawing';
import { colorName } from '@/core/wiring/harness';
import { INSULATION } from '../theme/wire-colors';

interface WireProps {
  readonly wire: DrawnWire;
  readonly isLive: boolean;
  readonly isPointedAt: boolean;
  readonly isMoved: boolean;
}

/** Position of the color name: on the wire's own stub, next to the device, where no other wire turns. */
const labelAt = ({ points }: DrawnWire, end: DrawnEnd) =>
  points.length === 2
    ? { x: Math.max(points[0]!.x, points[1]!.x) - 12, y: points[0]!.y, anchor: 'end' as const }
    : {
        x: end.x + (end.side === 'left' ? 12 : -12),
        y: end.y,
        anchor: end.side === 'left' ? ('start' as const) : ('end' as const),
      };

/** One conductor: insulation color, a saffron band while live, its color in words. */
export const PictureWire = ({ wire, isLive, isPointedAt, isMoved }: WireProps) => {
  const path = pathText(wire.points);
  const name = colorName(wire.colour, 'none left');
  const labels = wire.points.length === 2 ? wire.ends.slice(0, 1) : wire.ends.filter(({ ref }) => ref !== null);
  // Only the called path has full color; everything else is dimmed.
  const isQuiet = !isLive && !isPointedAt && !isMoved;
  return (
    <g data-wire={wire.id} aria-hidden>
      <title>{`${name}: ${wire.carries}`}</title>
      {isPointedAt && <path d={path} fill="none" stroke="var(--fail)" strokeWidth={12} opacity={0.5} />}
      {isLive && <path d={path} fill="none" stroke="var(--saffron)" strokeWidth={9} strokeDasharray="12 3" />}
      <path d={path} fill="none" stroke="var(--ink)" strokeWidth={isLive ? 5 : 4} opacity={isQuiet ? 0.3 : 0.75} />
      <path
        d={path}
        fill="none"
        stroke={wire.colour ? INSULATION[wire.colour] : 'var(--fail)'}
        strokeWidth={isLive ? 3.5 : 2.5}
        opacity={isQuiet ? 0.35 : 1}
        strokeDasharray={wire.colour === null ? '7 5' : wire.isSpare ? '2 3' : undefined}
      />
      {labels.map((end) => {
        const { x, y, anchor } = labelAt(wire, end);
        return (
          <text
            key={end.end}
            x={x}
            y={y + 3.5}
            textAnchor={anchor}
            fontFamily="var(--font-label)"
            fontSize={13}
            fontWeight={isLive || isMoved ? 600 : 500}
            fill={wire.colour === null ? 'var(--fail)' : isQuiet ? 'var(--quiet)' : 'var(--ink)'}
            stroke="var(--paper)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {isMoved ? `${name} ✱` : wire.isSpare ? `${name}, spare` : name}
          </text>
        );
      })}
    </g>
  );
};
