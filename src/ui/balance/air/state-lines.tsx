import type { SupplyState } from '@/core/balance/supply-states';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useDegrees } from '../../degrees/degrees';
import { SOURCE_COLOR } from '../../theme/source-colors';

interface StateLinesProps {
  readonly states: readonly SupplyState[];
  readonly roomF: number;
  /** Maximum supply air on the indoor unit's label, °F. */
  readonly limitF: number | null;
}

/** Air below this feels cool on the skin though it warms the room, °F. */
const SKIN_F = 95;

/** Degrees between scale marks. */
const TICK_EVERY = { F: 20, C: 10 } as const;

const scaleOf = (states: readonly SupplyState[], limitF: number | null): SpanF => {
  const all = [...states.map(({ supplyF }) => supplyF), limitF ?? 130, 40];
  return [Math.floor(Math.min(...all) / 10) * 10, Math.ceil(Math.max(...all) / 10) * 10 + 5];
};

/** Each state as a bar from room air to register air, on one scale. */
export const StateLines = ({ states, roomF, limitF }: StateLinesProps) => {
  const degrees = useDegrees();
  const spanF = scaleOf(states, limitF);
  const at = (valueF: number) => `${percentAlong(spanF, valueF)}%`;
  const marks = [
    { label: 'room', atF: roomF },
    { label: 'skin', atF: SKIN_F },
    ...(limitF === null ? [] : [{ label: 'label maximum', atF: limitF }]),
  ];
  return (
    <div className="relative">
      <div className="relative h-6 sm:ml-80">
        {degrees.ticks(spanF, TICK_EVERY[degrees.scale]).map(({ atF, value }) => (
          <span
            key={value}
            className="absolute -translate-x-1/2 font-mono text-xs text-quiet"
            style={{ left: at(atF) }}
          >
            {value}
          </span>
        ))}
      </div>
      <ul aria-label="Air at the register" className="border-t border-ink">
        {states.map(({ id, label, source, supplyF, cfm, isDrawnOn }) => {
          const [low, high] = [Math.min(roomF, supplyF), Math.max(roomF, supplyF)];
          const isOver = limitF !== null && supplyF > limitF;
          return (
            <li
              key={id}
              className="items-center border-b border-line py-1.5 sm:grid sm:grid-cols-[20rem_minmax(0,1fr)]"
            >
              <span className="flex items-baseline justify-between gap-3 pr-4">
                <span>
                  {label} <span className="text-xs text-quiet">{cfm} CFM</span>
                </span>
                <span className={`font-mono text-lg font-semibold whitespace-nowrap ${isOver ? 'text-fail' : ''}`}>
                  {degrees.figure(supplyF, 0)}{' '}
                  <span className="text-xs font-normal text-quiet">
                    {degrees.unit}
                    {isOver ? ', over the limit' : ''}
                    {isDrawnOn ? ', beyond the rating points' : ''}
                  </span>
                </span>
              </span>
              <span className="relative block h-7" aria-hidden>
                {marks.map((mark) => (
                  <span
                    key={mark.label}
                    className="absolute inset-y-0 border-l border-dashed border-ink opacity-50"
                    style={{ left: at(mark.atF) }}
                  />
                ))}
                <span
                  className={`absolute inset-y-2 ${source === 'defrost' ? 'hatched border border-ice' : ''}`}
                  style={{
                    left: at(low),
                    width: `${percentAlong(spanF, high) - percentAlong(spanF, low)}%`,
                    background: source === 'defrost' ? undefined : SOURCE_COLOR[source],
                  }}
                />
                <span className="absolute inset-y-0 w-1 -translate-x-1/2 bg-ink" style={{ left: at(supplyF) }} />
              </span>
            </li>
          );
        })}
      </ul>
      <div className="relative h-6 sm:ml-80" aria-hidden>
        {marks.map(({ label, atF }) => (
          <span
            key={label}
            className={`absolute font-sans text-sm whitespace-nowrap text-quiet ${percentAlong(spanF, atF) > 80 ? '-translate-x-full' : percentAlong(spanF, atF) < 10 ? '' : '-translate-x-1/2'}`}
            style={{ left: at(atF) }}
          >
            {label}
          </span>
        ))}
      </div>
    </div>
  );
};
