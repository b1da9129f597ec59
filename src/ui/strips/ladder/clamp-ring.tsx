import { type ClampAt, clampId } from '@/core/strips/clamp';
import type { DrawingProps } from './drawing';
import { press } from './press';

/** A clamp place: a ring, filled if the clamp is there. */
export const ClampRing = ({
  x,
  y,
  at,
  drawing,
  label,
}: {
  x: number;
  y: number;
  at: ClampAt;
  drawing: DrawingProps;
  label: string;
}) => {
  const isHere = clampId(at) === clampId(drawing.clamp);
  return (
    <g
      {...press(() => drawing.onClamp(at))}
      aria-label={label}
      aria-pressed={isHere}
      className="cursor-pointer outline-none [&:focus-visible>circle]:stroke-[var(--saffron)]"
    >
      <rect x={x - 20} y={y - 20} width={40} height={34} fill="transparent" />
      <circle cx={x} cy={y} r={10} fill={isHere ? 'var(--ink)' : 'var(--sheet)'} stroke="var(--ink)" strokeWidth={2} />
      <text
        x={x}
        y={y + 4}
        fontSize={12}
        textAnchor="middle"
        fill={isHere ? 'var(--paper)' : 'var(--ink)'}
        aria-hidden
        className="font-mono select-none"
      >
        A
      </text>
    </g>
  );
};
