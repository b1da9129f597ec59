import type { ClampAt } from '@/core/strips/clamp';
import type { PartKind } from '@/core/strips/ladder';
import type { RungState } from '@/core/strips/ladder-state';
import { ClampRing } from './clamp-ring';
import { DEAD, type DrawingProps, HEAT, LEFT, LIVE, RIGHT } from './drawing';
import { RungHit } from './rung-hit';
import { ElementSymbol, LimitSymbol, LinkSymbol, SwitchSymbol } from './rung-symbols';

/** Position of each part on its rung: center and half width. */
const PLACE: Record<Exclude<PartKind, 'breaker'>, readonly [number, number]> = {
  link: [62, 20],
  element: [147, 46],
  limit: [227, 20],
  switch: [300, 28],
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
    <RungHit
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
      {hasLink && <LinkSymbol x={PLACE.link[0]} y={y} />}
      <ElementSymbol x={PLACE.element[0]} half={PLACE.element[1]} y={y} glows={glows} isFed={isFed} />
      <LimitSymbol x={PLACE.limit[0]} y={y} />
      <SwitchSymbol x={switchX} y={y} isClosed={isClosed} />
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
