import { press } from './press';

/** The area of a rung's part that can be pressed. */
export const RungHit = ({
  x,
  y,
  half,
  label,
  isPicked,
  onPick,
}: {
  x: number;
  y: number;
  half: number;
  label: string;
  isPicked: boolean;
  onPick: () => void;
}) => (
  <g
    {...press(onPick)}
    aria-label={label}
    aria-pressed={isPicked}
    className="cursor-pointer outline-none [&:focus-visible>rect]:stroke-[var(--saffron)] [&:focus-visible>rect]:[stroke-width:3]"
  >
    <rect
      x={x - half - 3}
      y={y - 36}
      width={half * 2 + 6}
      height={72}
      rx={4}
      fill="transparent"
      stroke={isPicked ? 'var(--ink)' : 'transparent'}
      strokeWidth={2}
      strokeDasharray="4 3"
    />
  </g>
);
