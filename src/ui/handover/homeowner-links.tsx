'use client';

import { useCallback, useEffect, useState } from 'react';
import { LinkOnce } from '../crew/link-once';
import { DateText } from '../kit/date-text';
import { DialogClose, DialogFrame } from '../kit/dialog-frame';
import { ErrorLine } from '../kit/error-line';
import { LabeledSelect } from '../kit/labeled-select';
import { call } from '../requests/api';

interface OwnerLink {
  readonly id: string;
  readonly madeBy: string;
  readonly until: string;
  readonly isOver: boolean;
  readonly opened: number;
}

const SPANS = [
  [30, 'A month'],
  [365, 'A year'],
  [730, 'Two years'],
] as const;

const times = (count: number) => (count === 1 ? 'once' : `${count} times`);

/** Homeowner links: create, count, end. */
export const HomeownerLinks = ({ jobId, onClose }: { jobId: string; onClose: () => void }) => {
  const path = `/api/jobs/${jobId}/shares`;
  const [links, setLinks] = useState<readonly OwnerLink[]>([]);
  const [made, setMade] = useState<string | null>(null);
  const [problem, setProblem] = useState('');
  const [days, setDays] = useState<number>(365);
  const refresh = useCallback(async () => {
    const answer = await call<{ shares: readonly OwnerLink[] }>(path);
    if (answer.kind === 'ok') setLinks(answer.value.shares);
    else setProblem(answer.error);
  }, [path]);
  useEffect(() => {
    // Loaded from the server once the dialog is open.
    const asked = setTimeout(() => void refresh(), 0);
    return () => clearTimeout(asked);
  }, [refresh]);
  const send = async (method: 'POST' | 'DELETE', body: object) => {
    const answer = await call<{ path?: string }>(path, { method, body });
    setProblem(answer.kind === 'ok' ? '' : answer.error);
    setMade((answer.kind === 'ok' && answer.value.path) || null);
    await refresh();
  };
  return (
    <DialogFrame
      title="Homeowner link"
      about="Opens only the homeowner page. Anyone with the link can see it without signing in."
      onClose={onClose}
    >
      <div className="flex flex-wrap items-end gap-3">
        <div className="flex-1">
          <LabeledSelect
            label="For"
            value={days}
            options={SPANS.map(([value, label]) => ({ value, label }))}
            onChoose={setDays}
          />
        </div>
        <button type="button" className="strong-button" onClick={() => send('POST', { days })}>
          Make a link
        </button>
      </div>
      <ErrorLine problem={problem} />
      {made && (
        <LinkOnce
          name="the homeowner"
          path={made}
          about="This link is shown only once. After it ends, it shows nothing."
        />
      )}
      <ul aria-label="Links" className="mt-3">
        {links.map(({ id, madeBy, until, isOver, opened }) => (
          <li key={id} className="flex min-h-11 items-center gap-2 border-b border-line py-1">
            <span className="min-w-0 flex-1">
              {isOver ? 'Ended' : 'Until'} <DateText at={until} only="day" />
              <span className="block text-sm text-quiet">
                {madeBy} · opened {opened === 0 ? 'never' : times(opened)}
              </span>
            </span>
            {!isOver && (
              <button type="button" className="plain-button px-3" onClick={() => send('DELETE', { share: id })}>
                Turn off link
              </button>
            )}
          </li>
        ))}
      </ul>
      <div className="mt-4">
        <DialogClose className="plain-button">Close</DialogClose>
      </div>
    </DialogFrame>
  );
};
