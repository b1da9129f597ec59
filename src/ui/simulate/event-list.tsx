'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Backup } from '@/core/job/backup';
import type { DayEvent, EventSource } from '@/core/simulation/day/day-events';
import { LocalizedDegrees } from '../degrees/degrees';
import { SOURCE_COLOR } from '../theme/source-colors';
import { useCursor } from './cursor';
import { whenText } from './strip';

const SOURCES = ['compressor', 'backup', 'defrost', 'room'] as const satisfies readonly EventSource[];
const ROW_PX = 48;

const labelOf = (source: EventSource, backup: Backup): string =>
  ({ compressor: 'Compressor', backup: backup === 'fossil' ? 'Furnace' : 'Strips', defrost: 'Defrost', room: 'Room' })[
    source
  ];

const colorOf = (source: EventSource, backup: Backup): string =>
  source === 'room' ? 'var(--ink)' : source === 'backup' ? SOURCE_COLOR[backup] : SOURCE_COLOR[source];

interface EventListProps {
  readonly events: readonly DayEvent[];
  readonly minutes: number;
  readonly backup: Backup;
  readonly onMove: (atMin: number) => void;
}

/** All events in words; a tap moves the cursor there. */
export const EventList = ({ events, minutes, backup, onMove }: EventListProps) => {
  const [hidden, setHidden] = useState<ReadonlySet<EventSource>>(new Set());
  const shown = useMemo(() => events.filter(({ source }) => !hidden.has(source)), [events, hidden]);
  const place = useRef<HTMLDivElement>(null);
  const current = useCursor((cursor) => shown.findLastIndex(({ atMin }) => atMin <= cursor.atMin));
  // eslint-disable-next-line react-hooks/incompatible-library -- nothing here is memoized by a compiler
  const rows = useVirtualizer({
    count: shown.length,
    getScrollElement: () => place.current,
    estimateSize: () => ROW_PX,
    measureElement: (element) => element.getBoundingClientRect().height,
    overscan: 8,
  });
  useEffect(() => {
    if (current >= 0) rows.scrollToIndex(current, { align: 'auto' });
  }, [current, rows]);
  return (
    <section aria-label="Events">
      <h2 className="section-head">What happened</h2>
      <div role="group" aria-label="Show events of" className="no-print flex flex-wrap gap-1 py-2">
        {SOURCES.filter((source) => events.some((event) => event.source === source)).map((source) => (
          <button
            key={source}
            type="button"
            aria-pressed={!hidden.has(source)}
            className="plain-button text-sm aria-[pressed=false]:text-quiet aria-[pressed=false]:line-through"
            onClick={() =>
              setHidden((before) => {
                const next = new Set(before);
                if (!next.delete(source)) next.add(source);
                return next;
              })
            }
          >
            <span aria-hidden className="keeps-color size-3" style={{ background: colorOf(source, backup) }} />
            {labelOf(source, backup)} {events.filter((event) => event.source === source).length}
          </button>
        ))}
      </div>
      {shown.length === 0 ? (
        <p className="py-3 text-quiet">No events.</p>
      ) : (
        <div
          ref={place}
          role="region"
          aria-label="List of events"
          tabIndex={0}
          className="relative max-h-96 overflow-y-auto border-b border-line"
        >
          <ol className="relative" style={{ height: rows.getTotalSize() }}>
            {rows.getVirtualItems().map(({ index, start }) => {
              const event = shown[index]!;
              return (
                <li
                  key={index}
                  data-index={index}
                  ref={rows.measureElement}
                  className="absolute inset-x-0"
                  style={{ transform: `translateY(${start}px)` }}
                >
                  <button
                    type="button"
                    aria-current={index === current || undefined}
                    className="grid min-h-11 w-full grid-cols-[auto_4.5rem_minmax(0,1fr)] items-baseline gap-x-2 border-b border-line py-1.5 text-left hover:bg-sheet aria-[current]:bg-saffron-wash"
                    onClick={() => onMove(event.atMin)}
                  >
                    <span
                      aria-hidden
                      className="keeps-color size-3 self-center"
                      style={{ background: colorOf(event.source, backup) }}
                    />
                    <span className="font-mono text-sm">{whenText(event.atMin, minutes)}</span>
                    <span>
                      <LocalizedDegrees>{event.words}</LocalizedDegrees>
                    </span>
                  </button>
                </li>
              );
            })}
          </ol>
        </div>
      )}
    </section>
  );
};
