'use client';

import { useCursor } from './cursor';

/** The page's cursor on a strip. */
export const CursorLine = ({ minutes }: { minutes: number }) => {
  const atMin = useCursor((cursor) => cursor.atMin);
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute inset-y-0 z-10 -ml-px border-l-2 border-saffron"
      style={{ left: `${(100 * atMin) / minutes}%` }}
    />
  );
};
