'use client';

import { useMemo, useRef } from 'react';
import type { BalanceChartData as Chart, ChartMark } from '@/core/balance/chart';
import { type LockoutMarker, outdoorRuler } from '@/core/balance/outdoor-ruler';
import type { Degrees } from '@/core/units/degrees';
import { percentAlong } from '@/core/units/span';
import { useDegrees } from '../degrees/degrees';
import { useJob } from '../job/provider';
import { useNarrow } from '../kit/screen';
import { LETTER_WIDTH, markRows } from '../ruler/mark-rows';
import { NeedleLine } from '../ruler/needle';
import { Scale } from '../ruler/scale';
import { useScaleDrag } from '../ruler/use-scale-drag';
import { SOURCE_COLOR } from '../theme/source-colors';
import { ChartLockout } from './chart-lockout';
import { CopStrip } from './cop-strip';
import { Curves, lineColor } from './curves';
import { labelPlaces, percentDown, valueTicks } from './plot';

const ROW_PX = 20;

const words = ({ label, atF, bandF, isDrawnOn }: ChartMark, { figure }: Degrees) =>
  `${label} ${figure(atF, 0)}${isDrawnOn ? '*' : ''}${bandF ? ` (${figure(bandF[0], 0)} to ${figure(bandF[1], 0)})` : ''}`;

const sameGate = (one: LockoutMarker, other: LockoutMarker) =>
  one.fact === other.fact && one.row === other.row && one.atF === other.atF;

/** House load and heat sources on the ruler's scale, with its lanes below. Lockouts and needle can be dragged. */
export const BalanceChart = ({ chart }: { chart: Chart }) => {
  const facts = useJob((job) => job.facts);
  const setMoment = useJob((job) => job.setMoment);
  const track = useRef<HTMLDivElement>(null);
  const degrees = useDegrees();
  const { spanF, mostBtuh, lines, marks, crossing } = chart;
  const plot = { spanF, most: mostBtuh };
  const drag = useScaleDrag({ track, spanF, onDrag: (atF) => setMoment({ outdoorF: atF }) });
  const letter = LETTER_WIDTH[useNarrow() ? 'phone' : 'desk'];
  const places = useMemo(
    () => labelPlaces({ spanF, most: mostBtuh }, lines, ({ label }) => (label.length + 1) * letter),
    [spanF, mostBtuh, lines, letter],
  );
  const placed = markRows(spanF, marks, (mark) => words(mark, degrees).length * letter + 1);
  const rows = Math.max(...placed.map(({ row }) => row)) + 1;
  const gates = useMemo(
    () =>
      outdoorRuler(facts)
        .lanes.flatMap(({ markers, source }) => markers.map((post) => ({ post, source })))
        .filter(
          ({ post }, at, all) => post.fact !== undefined && all.findIndex((other) => sameGate(other.post, post)) === at,
        ),
    [facts],
  );
  const gaps = [
    ...crossing.gapsF.map((gap) => ({ gap, tint: 'bg-[color-mix(in_srgb,var(--fail)_20%,transparent)]' })),
    ...crossing.shortfallsF.map((gap) => ({ gap, tint: 'bg-[color-mix(in_srgb,var(--warn)_16%,transparent)]' })),
  ];
  return (
    <section aria-label="Balance chart" className="select-none">
      <div className="grid grid-cols-[5.5rem_minmax(0,1fr)] overflow-x-clip pr-6 sm:grid-cols-[9rem_minmax(0,1fr)]">
        <div className="relative">
          <span className="absolute top-0 right-2 font-sans text-sm font-semibold text-quiet">kBtu/h</span>
          {valueTicks(mostBtuh).map((tick) => (
            <span
              key={tick}
              className="absolute right-2 -translate-y-1/2 font-mono text-xs text-quiet"
              style={{
                top: `calc(${rows * ROW_PX}px + (100% - ${rows * ROW_PX}px) * ${percentDown(plot, tick) / 100})`,
              }}
            >
              {tick / 1000}
            </span>
          ))}
        </div>
        <div className="min-w-0">
          <div className="relative" style={{ height: rows * ROW_PX }}>
            {placed.map(({ mark, row, end }) => (
              <span
                key={mark.id}
                className={`absolute px-1 font-sans text-sm leading-5 whitespace-nowrap ${mark.id.includes('balance') ? 'font-semibold' : 'text-quiet'} ${end === 'right' ? '-translate-x-full' : ''}`}
                style={{ left: `${percentAlong(spanF, mark.atF)}%`, top: row * ROW_PX }}
              >
                {words(mark, degrees)}
              </span>
            ))}
          </div>
          <div
            ref={track}
            className="keeps-color relative h-64 touch-pan-y border-y border-ink"
            {...drag}
            data-testid="balance-plot"
          >
            {valueTicks(mostBtuh).map((tick) => (
              <span
                key={tick}
                className="absolute inset-x-0 h-px bg-line"
                style={{ top: `${percentDown(plot, tick)}%` }}
              />
            ))}
            {gaps.map(({ gap, tint }) => (
              <span
                key={gap[0]}
                className={`absolute inset-y-0 ${tint}`}
                style={{
                  left: `${percentAlong(spanF, gap[0])}%`,
                  width: `${percentAlong(spanF, gap[1]) - percentAlong(spanF, gap[0])}%`,
                }}
              />
            ))}
            {marks.map(({ id, atF, bandF }) => (
              <span key={id}>
                {bandF && (
                  <span
                    className="absolute bottom-0 h-2 bg-ink opacity-25"
                    style={{
                      left: `${percentAlong(spanF, bandF[0])}%`,
                      width: `${percentAlong(spanF, bandF[1]) - percentAlong(spanF, bandF[0])}%`,
                    }}
                  />
                )}
                <span
                  className="absolute inset-y-0 border-l border-dashed border-ink opacity-70"
                  style={{ left: `${percentAlong(spanF, atF)}%` }}
                />
              </span>
            ))}
            <Curves chart={chart} plot={plot} />
            {places.map(({ id, across, down, end }) => {
              const line = lines.find((each) => each.id === id)!;
              return (
                <span
                  key={id}
                  className={`pointer-events-none absolute -translate-y-full px-1 font-sans text-sm whitespace-nowrap ${line.weight === 'bold' ? 'font-semibold' : ''} ${end === 'right' ? '-translate-x-full' : ''}`}
                  style={{ left: `${across}%`, top: `${down}%`, color: lineColor(line.source) }}
                >
                  {line.label}
                </span>
              );
            })}
            {gates.map(({ post, source }, at) => (
              <ChartLockout
                key={`${post.fact}-${post.row ?? ''}`}
                post={post}
                row={at}
                colour={SOURCE_COLOR[source]}
                spanF={spanF}
                track={track}
              />
            ))}
            <NeedleLine spanF={spanF} />
          </div>
        </div>
      </div>
      <Scale place="on the chart" />
      <CopStrip chart={chart} />
      <p className="text-sm text-quiet">
        * and dashed: extrapolated beyond the rating points ({degrees.figure(chart.ratedF[0])} to{' '}
        {degrees.text(chart.ratedF[1])}).
      </p>
    </section>
  );
};
