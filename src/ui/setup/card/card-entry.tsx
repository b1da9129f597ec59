'use client';

import { Check } from 'lucide-react';
import { useState } from 'react';
import type { CardLine } from '@/core/setup/card/card';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { LocalizedDegrees } from '../../degrees/degrees';
import { DateText } from '../../kit/date-text';
import { lazyClient } from '../../loading/lazy-client';
import { CodeBox } from './code-box';
import { useMark } from './use-mark';

const LastingDialog = lazyClient(() => import('./lasting-dialog').then((module) => module.LastingDialog));

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

const TargetWords = ({ line: { target, found, left, before } }: { line: CardLine }) => {
  const old = left ?? found;
  switch (target.kind) {
    case 'set':
      return (
        <p className="font-mono">
          {old && old.value !== target.code && (
            <>
              <span className="text-xl text-quiet line-through">{old.value}</span> <span aria-label="to">→</span>{' '}
            </>
          )}
          <span className="text-3xl font-semibold">{target.code}</span>{' '}
          <span className="text-sm">
            {target.words !== target.code && <LocalizedDegrees>{target.words}</LocalizedDegrees>}
          </span>
          {target.note && <span className="block text-sm text-quiet">{target.note}</span>}
          {before && found && before.value !== found.value && (
            <span className="block text-sm font-semibold text-warn">
              Left at {before.value} by {before.author} <DateText at={before.at} />.
            </span>
          )}
        </p>
      );
    case 'leave':
      return (
        <p className="text-sm text-quiet">
          Leave it as found. <LocalizedDegrees>{target.why}</LocalizedDegrees>
        </p>
      );
    case 'no-code':
      return (
        <p className="text-sm font-semibold text-fail">
          This profile has no code for <LocalizedDegrees>{target.wanted}</LocalizedDegrees>.
        </p>
      );
  }
};

/** Found, left and read-back values on paper, with a line to write on where missing. */
const PrintedMarks = ({ line: { found, left, readBack } }: { line: CardLine }) => (
  <dl className="hidden grid-cols-3 gap-3 self-end print:grid">
    {(
      [
        ['Found', found],
        ['Left', left],
        ['Read back', readBack],
      ] as const
    ).map(([label, mark]) => (
      <div key={label}>
        <dt className="eyebrow">{label}</dt>
        <dd className="min-h-6 border-b border-ink font-mono text-base font-semibold">{mark?.value}</dd>
      </div>
    ))}
  </dl>
);

/** One entry: its code, target, and ticks for found, left and read back. */
export const CardEntry = ({ line, profile }: { line: CardLine; profile: ControllerProfile }) => {
  const { mark } = useMark(profile);
  const [asks, setAsks] = useState<string | null>(null);
  const { entry, target, found, left, readBack, settings, isAsWanted } = line;
  const wanted = target.kind === 'set' ? target.code : (found?.value ?? '');
  const leave = (code: string) =>
    entry.isLasting && code !== '' && code !== found?.value ? setAsks(code) : mark(line, 'left', code);
  return (
    <>
      <div className="min-w-0 sm:pr-4">
        <h3 className="flex items-baseline gap-3">
          <span className="font-mono text-2xl font-semibold">{entry.code}</span>
          <span className="min-w-0 font-medium">{entry.label}</span>
          {isAsWanted && (
            <Check size={18} role="img" aria-label="set as planned" className="shrink-0 self-center text-pass" />
          )}
        </h3>
        {entry.path && <p className="text-sm text-quiet">{entry.path}</p>}
        {entry.note && (
          <p className={`text-sm ${entry.isLasting ? 'border-l-4 border-fail pl-2 font-medium' : ''}`}>{entry.note}</p>
        )}
        <TargetWords line={line} />
        {settings.some(({ because }) => because.length > 0) && (
          <details className="text-sm print:hidden">
            <summary className="flex min-h-11 items-center text-quiet underline decoration-dotted underline-offset-4 sm:min-h-8">
              why
            </summary>
            <ul className="list-disc pb-2 pl-5">
              {settings.flatMap(({ setting, because, reason }) =>
                [...because, ...(reason ? [`Overridden: ${reason}`] : [])].map((each) => (
                  <li key={setting.id + each}>
                    <LocalizedDegrees>{each}</LocalizedDegrees>
                  </li>
                )),
              )}
            </ul>
          </details>
        )}
      </div>
      <PrintedMarks line={line} />
      <div className="grid content-start gap-2 max-sm:mt-auto sm:grid-cols-3 sm:items-end print:hidden">
        <CodeBox
          label="As found"
          name={`${profile.id} ${entry.code} found`}
          entry={entry}
          value={found?.value ?? ''}
          onCommit={(value) => mark(line, 'found', value)}
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
            onCommit={(value) => mark(line, 'read-back', value)}
          />
        ) : (
          // A value left unchanged and unchecked has nothing to read back.
          (left || wanted) && (
            <TickButton
              isOn={left !== null && readBack?.value === left.value}
              label={`Read back ${left?.value ?? wanted}`}
              onClick={() => mark(line, 'read-back', readBack ? '' : (left?.value ?? wanted))}
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
              onCommit={(value) => mark(line, 'read-back', value)}
            />
          </div>
        </details>
      </div>
      {asks !== null && (
        <LastingDialog
          line={line}
          code={asks}
          onClose={() => setAsks(null)}
          onGo={() => {
            mark(line, 'left', asks);
            setAsks(null);
          }}
        />
      )}
    </>
  );
};
