'use client';

import { Check } from 'lucide-react';
import { useState } from 'react';
import type { CardLine } from '@/core/setup/card/card';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { lazyClient } from '../../loading/lazy-client';
import { EntryMarks } from './entry-marks';
import { EntryReasons } from './entry-reasons';
import { PrintedMarks } from './printed-marks';
import { TargetWords } from './target-words';
import { useMark } from './use-mark';

const LastingDialog = lazyClient(() => import('./lasting-dialog').then((module) => module.LastingDialog));

/** One entry: its code, target, and ticks for found, left and read back. */
export const CardEntry = ({ line, profile }: { line: CardLine; profile: ControllerProfile }) => {
  const { mark } = useMark(profile);
  const [asks, setAsks] = useState<string | null>(null);
  const { entry, found, settings, isAsWanted } = line;
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
        <EntryReasons settings={settings} />
      </div>
      <PrintedMarks line={line} />
      <EntryMarks line={line} profile={profile} mark={(kind, code) => mark(line, kind, code)} leave={leave} />
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
