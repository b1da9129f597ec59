'use client';

import type { ReadLine } from '@/core/diagnosis/trouble';
import { LocalizedDegrees } from '../degrees/degrees';
import { useUndoReading } from '../job/use-save-reading';
import { readWords } from './suspect-list';

const WITHDRAWN = 'Misread; withdrawn while troubleshooting';

const Line = ({ line }: { line: ReadLine }) => {
  const { withdraw } = useUndoReading(line.id);
  return (
    <li className="flex min-h-11 items-center justify-between gap-2 border-b border-line text-sm">
      <span>
        <LocalizedDegrees>{readWords(line)}</LocalizedDegrees>
      </span>
      <button
        type="button"
        className="bare-button shrink-0 px-2 text-link"
        aria-label={`Withdraw: ${line.words}`}
        onClick={() => withdraw(WITHDRAWN)}
      >
        withdraw
      </button>
    </li>
  );
};

/** Readings of this visit, from any page. */
export const ReadList = ({ lines }: { lines: readonly ReadLine[] }) =>
  lines.length === 0 ? null : (
    <section aria-label="Read so far">
      <details>
        <summary className="flex min-h-11 items-center section-head">Read so far: {lines.length}</summary>
        <ul>
          {lines.map((line) => (
            <Line key={line.id} line={line} />
          ))}
        </ul>
      </details>
    </section>
  );
