'use client';

import { Check } from 'lucide-react';
import type { MarkKind } from '@/core/job/setting-marks';
import type { CardLine } from '@/core/setup/card/card';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { CodeBox } from './code-box';

const TickButton = ({ isOn, label, onClick }: { isOn: boolean; label: string; onClick: () => void }) => (
  <button
    type="button"
    aria-pressed={isOn}
    onClick={onClick}
    className="plain-button w-full aria-pressed:border-pass aria-pressed:bg-pass aria-pressed:text-on-accent print:aria-pressed:bg-transparent print:aria-pressed:text-ink max-sm:min-h-14"
  >
    <Check size={18} aria-hidden className={isOn ? '' : 'opacity-30'} /> {label}
  </button>
);

interface EntryMarksProps {
  readonly line: CardLine;
  readonly profile: ControllerProfile;
  readonly mark: (kind: MarkKind, code: string) => void;
  /** Leaves a value; asks first if it cannot be changed again. */
  readonly leave: (code: string) => void;
}

/** Ticks and fields of an entry: as found, as left, read back. */
export const EntryMarks = ({ line, profile, mark, leave }: EntryMarksProps) => {
  const { entry, target, found, left, readBack } = line;
  const wanted = target.kind === 'set' ? target.code : (found?.value ?? '');
  return (
    <div className="grid content-start gap-2 max-sm:mt-auto sm:grid-cols-3 sm:items-end print:hidden">
      <CodeBox
        label="As found"
        name={`${profile.id} ${entry.code} found`}
        entry={entry}
        value={found?.value ?? ''}
        onCommit={(value) => mark('found', value)}
      />
      {wanted !== '' ? (
        <TickButton
          isOn={left?.value === wanted}
          label={`Set to ${wanted}`}
          onClick={() => leave(left?.value === wanted ? '' : wanted)}
        />
      ) : (
        <CodeBox
          label="As left"
          name={`${profile.id} ${entry.code} left`}
          entry={entry}
          value={left?.value ?? ''}
          onCommit={leave}
        />
      )}
      {left && readBack && readBack.value !== left.value ? (
        <CodeBox
          label="Read back"
          name={`${profile.id} ${entry.code} read-back`}
          entry={entry}
          value={readBack.value}
          onCommit={(value) => mark('read-back', value)}
        />
      ) : (
        // A value left unchanged and unchecked has nothing to read back.
        (left || wanted) && (
          <TickButton
            isOn={left !== null && readBack?.value === left.value}
            label={`Read back ${left?.value ?? wanted}`}
            onClick={() => mark('read-back', readBack ? '' : (left?.value ?? wanted))}
          />
        )
      )}
      <details className="no-print text-sm sm:col-span-3">
        <summary className="flex min-h-11 items-center text-quiet underline decoration-dotted underline-offset-4 sm:min-h-8">
          shows a different value
        </summary>
        <div className="grid gap-2 pb-2 sm:grid-cols-2">
          <CodeBox
            label="Left at another value"
            name={`${profile.id} ${entry.code} left`}
            entry={entry}
            value={left?.value ?? ''}
            onCommit={leave}
          />
          <CodeBox
            label="Reads back"
            name={`${profile.id} ${entry.code} read-back`}
            entry={entry}
            value={readBack?.value ?? ''}
            onCommit={(value) => mark('read-back', value)}
          />
        </div>
      </details>
    </div>
  );
};
