import type { ClampAt } from '@/core/strips/clamp';
import type { PartKind } from '@/core/strips/ladder';
import type { RungState } from '@/core/strips/ladder-state';
import { ClampRing } from './clamp-ring';
import { DEAD, type DrawingProps, HEAT, LEFT, LIVE, RIGHT } from './drawing';
import { press } from './press';

/** Position of each part on its rung: center and half width. */
const PLACE: Record<Exclude<PartKind, 'breaker'>, readonly [number, number]> = {
  link: [62, 20],
  element: [147, 46],
  limit: [227, 20],
  switch: [300, 28],
};

const Hit = ({
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

const zigzag = (x: number, half: number, y: number) => {
  const points = Array.from(
    { length: 9 },
    (_, at) => `${x - half + 8 + (at * (half * 2 - 16)) / 8},${y + (at === 0 || at === 8 ? 0 : at % 2 ? -11 : 11)}`,
  );
  return `M${x - half},${y} L${points.join(' L')} L${x + half},${y}`;
};

/** One element with everything in series, from leg to leg. */
export const RungDrawing = ({
  state,
  y,
  drawing,
  suppliedVolts,
}: {
  state: RungState;
  y: number;
  drawing: DrawingProps;
  suppliedVolts: number;
}) => {
  const { rung, isFed, isClosed, glows } = state;
  const wire = !isFed ? DEAD : glows ? HEAT : LIVE;
  const hasLink = rung.parts.includes('link');
  const [switchX, switchHalf] = PLACE.switch;
  const name = `Element ${rung.at + 1}`;
  const hit = (kind: Exclude<PartKind, 'breaker'>, words: string) => (
    <Hit
      x={PLACE[kind][0]}
      y={y}
      half={PLACE[kind][1]}
      label={`${name}, ${words}`}
      isPicked={drawing.part?.kind === kind && drawing.part.element === rung.at}
      onPick={() => drawing.onPart({ kind, element: rung.at })}
    />
  );
  const clamp: ClampAt = { kind: 'element', at: rung.at };
  return (
    <g>
      <path
        d={`M${LEFT},${y} H${PLACE.element[0] - PLACE.element[1]} M${PLACE.element[0] + PLACE.element[1]},${y} H${switchX - switchHalf} M${switchX + switchHalf},${y} H${RIGHT}`}
        fill="none"
        {...wire}
      />
      {hasLink && (
        <rect
          x={PLACE.link[0] - 16}
          y={y - 8}
          width={32}
          height={16}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={1.8}
        />
      )}
      {hasLink && (
        <path d={`M${PLACE.link[0] - 16},${y} q8,-9 16,0 t16,0`} fill="none" stroke="var(--ink)" strokeWidth={1.8} />
      )}
      {glows && (
        <rect
          x={PLACE.element[0] - PLACE.element[1] + 4}
          y={y - 19}
          width={PLACE.element[1] * 2 - 8}
          height={38}
          rx={8}
          fill="var(--ember)"
          opacity={0.22}
        />
      )}
      <path
        d={zigzag(PLACE.element[0], PLACE.element[1], y)}
        fill="none"
        stroke={glows ? 'var(--ember)' : isFed ? 'var(--saffron)' : 'var(--ink)'}
        strokeWidth={glows ? 5 : 3}
        strokeLinejoin="round"
      />
      <g stroke="var(--ink)" strokeWidth={2.4} fill="var(--sheet)">
        <circle cx={PLACE.limit[0] - 13} cy={y} r={3.5} />
        <circle cx={PLACE.limit[0] + 13} cy={y} r={3.5} />
        <path d={`M${PLACE.limit[0] - 10},${y - 4} q10,-9 20,0`} fill="none" />
      </g>
      <g stroke="var(--ink)" strokeWidth={3} fill="var(--sheet)">
        <path
          d={isClosed ? `M${switchX - 22},${y} H${switchX + 22}` : `M${switchX - 22},${y} L${switchX + 16},${y - 17}`}
          fill="none"
        />
        <circle cx={switchX - 24} cy={y} r={4.5} />
        <circle cx={switchX + 24} cy={y} r={4.5} />
      </g>
      <g fontSize={12} fill="var(--ink)" textAnchor="middle" className="font-label select-none">
        {hasLink && (
          <text x={PLACE.link[0]} y={y + 23}>
            fusible link
          </text>
        )}
        <text x={PLACE.element[0]} y={y + 31} fontSize={13} fontWeight={600}>
          {rung.at + 1}: {rung.element.kW} kW{' '}
          {glows ? `· ${state.amps.toFixed(1)} A` : isFed ? '· live, no heat' : '· dead'}
        </text>
        <text x={PLACE.limit[0]} y={y + 23}>
          limit
        </text>
        <text x={switchX} y={y + 23} fontWeight={600}>
          {isClosed ? 'closed' : 'open'}
          {state.movesInS !== null ? `, ${isClosed ? 'opens' : 'closes'} ${state.movesInS} s` : ''}
        </text>
        <text x={switchX} y={y - 22}>
          {rung.input ?? 'no W call'}
          {isFed && !isClosed ? ` · ${Math.round(suppliedVolts)} V across` : ''}
        </text>
      </g>
      {hasLink && hit('link', 'fusible link')}
      {hit(
        'element',
        glows
          ? `${rung.element.kW} kW, heating`
          : isFed
            ? `${rung.element.kW} kW, live without heat`
            : `${rung.element.kW} kW, dead`,
      )}
      {hit('limit', 'limit')}
      {hit('switch', isClosed ? 'switch closed' : 'switch open')}
      <ClampRing x={98} y={y - 24} at={clamp} drawing={drawing} label={`Clamp on the wire to element ${rung.at + 1}`} />
    </g>
  );
};
