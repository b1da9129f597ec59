'use client';

import { useMemo, useRef } from 'react';
import { outdoorRuler } from '@/core/balance/outdoor-ruler';
import { percentAlong, type SpanF } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { useNarrow } from '../kit/screen';
import { SOURCE_COLOR } from '../theme/source-colors';
import { LockoutMarkerHandle } from './lockout-marker';
import { LETTER_WIDTH, markRows } from './mark-rows';
import { Needle } from './needle';
import { useScaleDrag } from './use-scale-drag';

/** Degrees between marks, between figures, and between figures on a narrow screen. */
const TICKS = { F: { mark: 5, figure: 10, narrow: 20 }, C: { mark: 1, figure: 5, narrow: 10 } } as const;

/** Height of one row of labels below the lanes, px. */
const ROW_PX = 20;

const band = (spanF: SpanF, [fromF, toF]: SpanF) => ({
  left: `${percentAlong(spanF, fromF)}%`,
  width: `${percentAlong(spanF, toF) - percentAlong(spanF, fromF)}%`,
});

const percentWords = (chance: number) => `${Math.max(1, Math.round(chance * 100))} %`;

/** Lanes, lockouts, marks and the needle over one scale of outdoor temperature. */
export const Scale = ({ place }: { place?: string }) => {
  const facts = useJob((job) => job.facts);
  const setMoment = useJob((job) => job.setMoment);
  const degrees = useDegrees();
  const track = useRef<HTMLDivElement>(null);
  const { spanF, lanes, marks, gapsF, shortfallsF, possibleGap } = useMemo(() => outdoorRuler(facts), [facts]);
  const drag = useScaleDrag({ track, spanF, onDrag: (atF) => setMoment({ outdoorF: atF }) });
  const gaps = [...gapsF.map((gap) => ({ gap, isHole: true })), ...shortfallsF.map((gap) => ({ gap, isHole: false }))];
  const letter = LETTER_WIDTH[useNarrow() ? 'phone' : 'desk'];
  const placed = markRows(spanF, marks, ({ label }) => (label.length + 5) * letter);
  const rows = Math.max(0, ...placed.map(({ row }) => row)) + 1;
  return (
    <div className="keeps-color grid grid-cols-[5.5rem_minmax(0,1fr)] overflow-x-clip pr-6 pb-1 sm:grid-cols-[9rem_minmax(0,1fr)]">
      <div className="pt-10 pr-2 text-right">
        {lanes.map((lane) => (
          <div
            key={lane.id}
            className="mb-2 flex h-6 items-center justify-end font-sans text-[13px] leading-none font-semibold sm:font-label sm:text-base"
            style={{ color: SOURCE_COLOR[lane.source] }}
          >
            {lane.label}
          </div>
        ))}
        <div className="h-6" />
      </div>
      <div ref={track} className="relative">
        <div className="relative h-10 touch-none cursor-ew-resize border-b border-ink" {...drag}>
          {degrees.ticks(spanF, TICKS[degrees.scale].mark).map(({ atF, value }) => (
            <span
              key={value}
              className={`absolute bottom-0 w-px bg-ink ${value % TICKS[degrees.scale].figure === 0 ? 'h-2.5' : 'h-1.5'}`}
              style={{ left: `${percentAlong(spanF, atF)}%` }}
            />
          ))}
          {degrees.ticks(spanF, TICKS[degrees.scale].figure).map(({ atF, value }) => (
            <span
              key={value}
              className={`absolute bottom-2.5 -translate-x-1/2 font-mono text-xs text-quiet select-none ${value % TICKS[degrees.scale].narrow === 0 ? '' : 'max-sm:hidden'}`}
              style={{ left: `${percentAlong(spanF, atF)}%` }}
            >
              {value}
            </span>
          ))}
        </div>
        <div className="relative pt-2.5">
          {lanes.map((lane) => (
            <div key={lane.id} className="hatched relative mb-2 h-6 border-y border-line-strong">
              {lane.openF.map((open) => (
                <span
                  key={open[0]}
                  className="absolute inset-y-0"
                  style={{ ...band(spanF, open), background: SOURCE_COLOR[lane.source] }}
                />
              ))}
              {lane.markers.map((post) => (
                <LockoutMarkerHandle key={post.label} post={post} place={place} spanF={spanF} track={track} />
              ))}
            </div>
          ))}
          {possibleGap && (
            <span
              className="maybe-hole pointer-events-none absolute inset-y-0 border-x-2 border-dotted border-fail"
              style={band(spanF, possibleGap.spanF)}
            >
              <span className="absolute bottom-0 left-1/2 -translate-x-1/2 bg-paper px-1 font-sans text-xs font-semibold whitespace-nowrap text-fail">
                Possible gap · {percentWords(possibleGap.chance)}
              </span>
            </span>
          )}
          {gaps.map(({ gap, isHole }) => (
            <span
              key={`${isHole} ${gap[0]}`}
              className={`pointer-events-none absolute inset-y-0 flex items-center justify-center overflow-visible border-x-2 pb-6 border-dashed ${isHole ? 'border-fail bg-[color-mix(in_srgb,var(--fail)_22%,transparent)]' : 'border-warn bg-[color-mix(in_srgb,var(--warn)_18%,transparent)]'}`}
              style={band(spanF, gap)}
            >
              <span
                className={`px-1 font-sans text-sm font-semibold tracking-wide text-paper uppercase ${isHole ? 'bg-fail' : 'bg-warn'}`}
              >
                {isHole ? 'Gap: no heat allowed' : 'Shortfall'}
              </span>
            </span>
          ))}
          {placed.map(({ mark, row, end }) => (
            <span
              key={mark.id}
              className="pointer-events-none absolute inset-y-0 border-l border-dashed border-ink"
              style={{ left: `${percentAlong(spanF, mark.atF)}%` }}
            >
              <span
                className={`absolute font-sans text-sm leading-tight whitespace-nowrap text-ink ${end === 'right' ? 'right-1' : 'left-1'}`}
                style={{ bottom: (rows - 1 - row) * ROW_PX + (possibleGap ? ROW_PX : 0) }}
              >
                {mark.label} <span className="font-mono text-xs">{degrees.figure(mark.atF, 0)}</span>
              </span>
            </span>
          ))}
          <div style={{ height: (rows + (possibleGap ? 1 : 0)) * ROW_PX + 4 }} />
        </div>
        <Needle spanF={spanF} place={place} drag={drag} />
      </div>
    </div>
  );
};
