'use client';

import type { MarkKind } from '@/core/job/setting-marks';
import { type CardLine, wordsOfCode } from '@/core/setup/card/card';
import { factsOfMark } from '@/core/setup/card/facts-of-mark';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { useJob, useJobNow } from '../../job/provider';

/** Stores marks at a controller. Asks for the person once per device; until then it waits here. */
export const useMark = ({ role, id: profile }: ControllerProfile) => {
  const addMark = useJob((job) => job.addMark);
  const setFacts = useJob((job) => job.setFacts);
  const now = useJobNow();
  /** Marks an entry; an empty value withdraws the mark. Its facts are updated on the job. */
  const mark = ({ entry, key, target, settings }: CardLine, kind: MarkKind, value: string) => {
    addMark({
      controller: role,
      profile,
      entry: key,
      code: entry.code,
      label: entry.label,
      kind,
      value,
      words: value && wordsOfCode(entry, value),
    });
    if (value !== '') setFacts(factsOfMark(now().facts, entry, kind, value, target, settings[0]?.value ?? null));
  };
  const tick = (id: string, title: string, isDone: boolean) =>
    addMark({
      controller: role,
      profile,
      entry: `step-${id}`,
      code: '',
      label: title,
      kind: 'done',
      value: isDone ? 'done' : '',
      words: isDone ? 'done' : '',
    });
  return { mark, tick };
};
