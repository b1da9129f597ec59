'use client';

import { useEffect } from 'react';
import { callsOf, nextCall } from '@/core/control/moment';
import { useDegrees } from '../degrees/degrees';
import { useJobNow } from '../job/provider';
import { jobQuery } from '../job/query';
import { isTyping } from '../kit/is-typing';
import { goInJob } from './go';
import { JOB_PAGES } from './screens';

/** Keyboard shortcuts of a job page. Inactive while typing or while a dialog is open. */
export const useKeys = ({ onCommands, onKeys }: { onCommands: () => void; onKeys: () => void }) => {
  const now = useJobNow();
  const { scale } = useDegrees();
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (isTyping(event.target) || document.querySelector('[role="dialog"]')) return;
      if ((event.ctrlKey || event.metaKey) && /^[zy]$/i.test(event.key)) {
        event.preventDefault();
        return event.key.toLowerCase() === 'y' || event.shiftKey ? now().redo() : now().undo();
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const page = JOB_PAGES[Number(event.key) - 1];
      const { saved, facts, moment, nudgeOutdoor, setCall } = now();
      if (page) goInJob(`/jobs/${saved.id}/${page.path}?${jobQuery(now())}`);
      else if (event.key === '[') nudgeOutdoor(-1, scale);
      else if (event.key === ']') nudgeOutdoor(1, scale);
      else if (event.key === 'c') setCall(nextCall(moment.call, callsOf(facts)));
      else if (event.key === '?') onKeys();
      else if (event.key === '/') onCommands();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  }, [now, scale, onCommands, onKeys]);
};
