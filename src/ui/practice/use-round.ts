'use client';

import { wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { array, object } from 'yup';
import type { EnteredBy } from '@/core/access/entered-by';
import { parseWith } from '@/core/border/parse';
import { idSchema } from '@/core/job/id-schema';
import type { Act } from '@/core/practice/act';
import { actSchema } from '@/core/practice/act-schema';
import type { Chosen } from '@/core/practice/chosen';
import type { HouseOfCrew } from '@/core/practice/own-house';
import type { NamedCause } from '@/core/practice/view';
import type { PracticeWorker, RoundState } from '@/workers/practice.worker';
import { useLastingWorker } from '../loading/use-lasting-worker';
import { type StartedWorker, startedWorker } from '../loading/worker-task';
import { TAB_KEYS } from '../storage/keys';
import { readStored } from '../storage/stored';
import { savePlayed } from './saved-progress';

/** Stored state of a round in progress, so that a reload continues it. */
interface Kept {
  readonly id: string;
  readonly acts: readonly Act[];
}

const keptSchema = object({ id: idSchema, acts: array(actSchema as never).required() });

/** The round in progress under a key; what cannot be read is begun anew. */
const keptOf = (key: string): Kept =>
  readStored(
    key,
    (value) => parseWith<Kept>(keptSchema as never, value),
    () => sessionStorage,
  ) ?? { id: uuid(), acts: [] };

export interface Playing {
  readonly stand: RoundState | null;
  readonly isBusy: boolean;
  readonly hasFailed: boolean;
  readonly causes: readonly NamedCause[];
  readonly act: (what: Act) => void;
  readonly again: () => void;
  /** Builds the house again, after a failure. */
  readonly retry: () => void;
}

/** One of the crew’s own houses, without its people, and its job. */
export interface OwnHouse {
  readonly jobId: string;
  readonly house: HouseOfCrew;
}

const startPracticeWorker = (): StartedWorker<PracticeWorker> =>
  startedWorker<PracticeWorker>(
    new Worker(new URL('../../workers/practice.worker.ts', import.meta.url), { type: 'module' }),
    wrap,
  );

/** A round played in a worker; its acts survive a reload. */
export const useRound = (chosen: Chosen, who: EnteredBy, own?: OwnHouse): Playing => {
  const { ask, hasFailed, again: retry } = useLastingWorker(startPracticeWorker);
  const kept = useRef<Kept | null>(null);
  const [stand, setStand] = useState<RoundState | null>(null);
  const [causes, setCauses] = useState<readonly NamedCause[]>([]);
  const [isBusy, setBusy] = useState(true);
  const [turn, setTurn] = useState(0);
  const { round, seed, isEndless } = chosen;
  const { personId, crewId } = who;
  const key = TAB_KEYS.round(own?.jobId ?? round, seed, isEndless);
  const house = own?.house;
  useEffect(() => {
    let isOver = false;
    kept.current = keptOf(key);
    const { acts } = kept.current;
    const open = async () => {
      const first = await ask((remote) => remote.open({ round, seed, isEndless }, acts, house));
      if (first === null || isOver) return;
      setStand(first);
      setBusy(false);
      setCauses((await ask((remote) => remote.nameables())) ?? []);
    };
    void open().catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, [round, seed, isEndless, key, house, turn, ask]);
  const act = useCallback(
    (what: Act) => {
      setBusy(true);
      ask((remote) => remote.act(what)).then(
        (next) => {
          if (next === null) return;
          setStand(next);
          setBusy(false);
          if (next.why !== null) return;
          const now = { ...kept.current!, acts: [...kept.current!.acts, what] };
          kept.current = now;
          sessionStorage.setItem(key, JSON.stringify(now));
          if (next.over)
            savePlayed(
              { personId, crewId },
              {
                ...next.over.score,
                id: now.id,
                round,
                seed,
                isEndless,
                title: next.view.title,
                at: new Date().toISOString(),
              },
            );
        },
        () => undefined,
      );
    },
    [round, seed, isEndless, key, personId, crewId, ask],
  );
  const again = useCallback(() => {
    sessionStorage.removeItem(key);
    setStand(null);
    setBusy(true);
    setTurn((before) => before + 1);
  }, [key]);
  return { stand, isBusy, hasFailed, causes, act, again, retry };
};
