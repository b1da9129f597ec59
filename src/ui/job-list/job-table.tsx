'use client';

import { FlexRender, useTable } from '@tanstack/react-table';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown } from 'lucide-react';
import { type KeyboardEvent, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { JobListSort } from '@/core/job-list/job-list-query';
import type { JobSummary } from '@/core/job-list/job-summary';
import { JOB_LIST_COLUMNS, JOB_LIST_FEATURES } from './columns';
import { JobMenu, type Move } from './job-menu';

interface JobTableProps {
  readonly jobs: readonly JobSummary[];
  /** Whether there are more; they are loaded near the end. */
  readonly hasMore: boolean;
  readonly sort: JobListSort;
  readonly isBusy: boolean;
  readonly onSort: (sort: JobListSort) => void;
  readonly onMore: () => void;
  readonly onMove: (job: JobSummary, move: Move) => void;
  readonly onCopy: (job: JobSummary) => void;
  readonly onNote: (job: JobSummary) => void;
  readonly onTake: (job: JobSummary) => void;
}

/** Estimated line height, px. */
const LINE_PX = 64;
/** Lines rendered beyond the window on either side. */
const OVERSCAN = 12;

const CELL: Readonly<Record<string, string>> = {
  name: 'min-w-0 max-sm:col-span-2',
  findings: 'min-w-0 text-sm max-sm:col-span-2',
  gates: '',
  changed: 'text-sm text-quiet',
};

/** Arrow keys move from line to line. */
const onLineKey = (event: KeyboardEvent<HTMLElement>) => {
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (by === undefined || !(event.target instanceof HTMLAnchorElement)) return;
  const links = [...event.currentTarget.querySelectorAll<HTMLAnchorElement>('[role="cell"] > a')];
  const next = links[links.indexOf(event.target) + by];
  if (!next) return;
  event.preventDefault();
  next.focus();
};

/** One line per job: only visible ones are rendered. */
export const JobTable = ({
  jobs,
  hasMore,
  sort,
  isBusy,
  onSort,
  onMore,
  onMove,
  onCopy,
  onNote,
  onTake,
}: JobTableProps) => {
  const table = useTable({
    features: JOB_LIST_FEATURES,
    columns: JOB_LIST_COLUMNS,
    data: jobs as JobSummary[],
    getRowId: ({ id }) => id,
    manualSorting: true,
    state: { sorting: [{ id: sort, desc: sort !== 'name' }] },
  });
  const rows = table.getRowModel().rows;
  const body = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(body.current!.offsetTop), []);
  const lines = useWindowVirtualizer({
    count: rows.length,
    estimateSize: () => LINE_PX,
    overscan: OVERSCAN,
    scrollMargin: top,
    getItemKey: (at) => rows[at]!.id,
    initialRect: { width: 1280, height: 800 },
  });
  const shown = lines.getVirtualItems();
  const lastShown = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (hasMore && !isBusy && lastShown >= rows.length - OVERSCAN) onMore();
  }, [hasMore, isBusy, lastShown, rows.length, onMore]);
  const above = (shown[0]?.start ?? 0) - lines.options.scrollMargin;
  const below = lines.getTotalSize() - ((shown.at(-1)?.end ?? 0) - lines.options.scrollMargin);
  return (
    <div
      role="table"
      aria-label="Jobs"
      aria-busy={isBusy}
      aria-rowcount={hasMore ? -1 : rows.length + 1}
      className={isBusy ? 'opacity-60' : ''}
    >
      <div role="rowgroup">
        {table.getHeaderGroups().map((group) => (
          <div
            key={group.id}
            role="row"
            aria-rowindex={1}
            className="border-b border-ink max-sm:flex max-sm:gap-x-5 sm:board-line sm:py-0! sm:pr-13"
          >
            {group.headers.map((header) => {
              const isSorted = header.id === sort;
              return (
                <div
                  key={header.id}
                  role="columnheader"
                  aria-sort={isSorted ? (sort === 'name' ? 'ascending' : 'descending') : 'none'}
                  className={header.column.getCanSort() ? '' : 'max-sm:hidden'}
                >
                  {header.column.getCanSort() ? (
                    <button
                      type="button"
                      className="bare-button justify-start gap-1 px-0 font-label text-base aria-pressed:font-semibold aria-pressed:underline aria-pressed:underline-offset-4"
                      aria-pressed={isSorted}
                      onClick={() => onSort(header.id as JobListSort)}
                    >
                      <FlexRender header={header} />
                      {isSorted && <ArrowDown size={14} aria-hidden />}
                    </button>
                  ) : (
                    <span className="flex min-h-11 items-center font-label text-base">
                      <FlexRender header={header} />
                    </span>
                  )}
                </div>
              );
            })}
          </div>
        ))}
      </div>
      <div
        ref={body}
        role="rowgroup"
        onKeyDown={onLineKey}
        style={{ paddingTop: Math.max(0, above), paddingBottom: Math.max(0, below) }}
      >
        {shown.map(({ index }) => {
          const row = rows[index]!;
          return (
            <div
              key={row.id}
              ref={lines.measureElement}
              data-index={index}
              role="row"
              aria-rowindex={index + 2}
              className="flex items-center gap-2 border-b border-line"
            >
              <div role="presentation" className="board-line relative">
                {row.getAllCells().map((cell) => (
                  <div key={cell.id} role="cell" className={CELL[cell.column.id]}>
                    <FlexRender cell={cell} />
                  </div>
                ))}
              </div>
              <div role="cell">
                <JobMenu
                  job={row.original}
                  onMove={(move) => onMove(row.original, move)}
                  onCopy={() => onCopy(row.original)}
                  onNote={() => onNote(row.original)}
                  onTake={() => onTake(row.original)}
                />
              </div>
            </div>
          );
        })}
      </div>
    </div>
  );
};
