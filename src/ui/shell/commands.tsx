'use client';

import { Command } from 'cmdk';
import { useRouter } from 'next/navigation';
import { CALLS, callsOf } from '@/core/control/moment';
import { useJobNow } from '../job/provider';
import { jobQuery } from '../job/query';
import { DialogFrame } from '../kit/dialog-frame';
import { matchPhrase } from '../kit/match-words';
import { useMay } from '../person/at-work';
import { nextTheme } from '../theme/theme';
import { goInJob } from './go';
import { guideFor } from './guide-parts';
import { PAGE_WORDS } from './page-words';
import { JOB_PAGES } from './screens';

/** The command list: all keyboard actions by name. */
export const Commands = ({
  onClose,
  onKeys,
  onNote,
}: {
  onClose: () => void;
  onKeys: () => void;
  onNote: () => void;
}) => {
  const mayNote = useMay('note');
  const router = useRouter();
  const now = useJobNow();
  const run = (action: () => void) => () => {
    onClose();
    action();
  };
  const item = 'flex min-h-11 items-center rounded px-3 data-[selected=true]:bg-ink data-[selected=true]:text-paper';
  const goTo = (page: string) => goInJob(`/jobs/${now().saved.id}/${page}?${jobQuery(now())}`);
  return (
    <DialogFrame title="Find anything" onClose={onClose}>
      <Command label="Find" filter={matchPhrase} className="mt-2">
        <Command.Input
          autoFocus
          placeholder="Breaker, jumper, airflow, emergency…"
          className="field-box mb-2 w-full text-lg"
        />
        <Command.List className="max-h-[50vh] overflow-y-auto">
          <Command.Empty className="px-3 py-4 text-quiet">Nothing by that name.</Command.Empty>
          {JOB_PAGES.map(({ path, title }) => (
            <Command.Item
              key={path}
              className={item}
              keywords={[...(PAGE_WORDS[path] ?? [])]}
              onSelect={run(() => goTo(path))}
            >
              Go to {title}
            </Command.Item>
          ))}
          <Command.Item className={item} onSelect={run(() => router.push('/'))}>
            All jobs
          </Command.Item>
          {callsOf(now().facts).map((call) => (
            <Command.Item key={call} className={item} onSelect={run(() => now().setCall(call))}>
              Call: {CALLS[call].label}
            </Command.Item>
          ))}
          <Command.Item className={item} onSelect={run(() => now().undo())}>
            Undo the last entry
          </Command.Item>
          <Command.Item className={item} onSelect={run(() => now().redo())}>
            Redo
          </Command.Item>
          <Command.Item className={item} onSelect={run(nextTheme)}>
            Screen theme: Paper, Crawlspace, Sunlight
          </Command.Item>
          <Command.Item
            className={item}
            keywords={['help', 'how', 'manual']}
            onSelect={run(() => router.push(guideFor(window.location.pathname.split('/')[3])))}
          >
            Guide to this page
          </Command.Item>
          {mayNote && (
            <Command.Item className={item} onSelect={run(onNote)}>
              Note for the next tech
            </Command.Item>
          )}
          <Command.Item className={item} onSelect={run(onKeys)}>
            Keyboard shortcuts
          </Command.Item>
        </Command.List>
      </Command>
    </DialogFrame>
  );
};
