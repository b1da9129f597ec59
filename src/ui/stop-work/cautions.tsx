'use client';

import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { useJob } from '../job/provider';

interface CautionsProps {
  /** Their place, unique in a job: a slug. */
  readonly place: string;
  readonly lines: readonly string[];
}

/** The caution sign: black and yellow edge, black on yellow, unlike anything else here. */
export const CautionSign = ({ lines, children }: { lines: readonly string[]; children?: React.ReactNode }) => (
  <div className="caution-sign text-sm">
    {lines.length === 1 ? (
      <p>{lines[0]}</p>
    ) : (
      <ul aria-label="Cautions" className="list-disc space-y-1 pl-4">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    )}
    {children}
  </div>
);

/** Hazards here. Shown in full until read on this visit, then one line that opens: never gone. */
export const Cautions = ({ place, lines }: CautionsProps) => {
  const isRead = useJob((job) => job.cautionsRead.includes(place));
  const readCaution = useJob((job) => job.readCaution);
  const [isOpened, setOpened] = useState(false);
  if (lines.length === 0) return null;
  if (!isRead || isOpened)
    return (
      <section aria-label="Caution" className="no-print mb-3">
        <CautionSign lines={lines}>
          <button
            type="button"
            className="bare-button -mb-1 px-1 font-semibold text-link"
            onClick={() => {
              readCaution(place);
              setOpened(false);
            }}
          >
            I have read this
          </button>
        </CautionSign>
      </section>
    );
  return (
    <section aria-label="Caution" className="no-print mb-2">
      <button
        type="button"
        aria-expanded={false}
        onClick={() => setOpened(true)}
        className="caution-sign flex min-h-11 w-full items-center gap-2 py-1 text-left text-sm"
      >
        <b className="shrink-0">Caution{lines.length > 1 ? ` · ${lines.length}` : ''}</b>
        <span className="min-w-0 flex-1 truncate">{lines[0]}</span>
        <ChevronDown size={18} aria-hidden className="shrink-0" />
      </button>
    </section>
  );
};
