'use client';

import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { v4 as uuid } from 'uuid';
import type { Act } from '@/core/practice/act';
import type { Chosen } from '@/core/practice/chosen';
import type { HouseOfCrew } from '@/core/practice/own-house';
import type { NamedCause } from '@/core/practice/view';
import type { PracticeWorker, RoundState } from '@/workers/practice.worker';
import { savePlayed } from './saved-progress';

/** Stored state of a round in progress, so that a reload continues it. */
interface Kept {
  readonly id: string;
  readonly acts: readonly Act[];
}

const keptOf = (key: string): Kept => {
  try {
    const kept = JSON.parse(sessionStorage.getItem(key) ?? 'null') as Kept | null;
    if (kept) return kept;
  } catch {
    // What cannot be read is begun anew.
  }
  return { id: uuid(), acts: [] };
};

export interface Playing {
  readonly stand: RoundState | null;
  readonly isBusy: boolean;
  readonly hasFailed: boolean;
  readonly causes: readonly NamedCause[];
  readonly act: (what: Act) => void;
  readonly again: () => void;
}

/** One of the crew’s own houses, without its people, and its job. */
export interface OwnHouse {
  readonly jobId: string;
  readonly house: HouseOfCrew;
}

/** A round played in a worker; its acts survive a reload. */
export const useRound = (chosen: Chosen, personId: string, own?: OwnHouse): Playing => {
  const remote = useRef<Remote<PracticeWorker> | null>(null);
  const kept = useRef<Kept | null>(null);
  const [stand, setStand] = useState<RoundState | null>(null);
  const [causes, setCauses] = useState<readonly NamedCause[]>([]);
  const [isBusy, setBusy] = useState(true);
  const [hasFailed, setFailed] = useState(false);
  const [turn, setTurn] = useState(0);
  const { round, seed, isEndless } = chosen;
  const key = `gate-cross:round:${own?.jobId ?? round}:${seed}${isEndless ? ':endless' : ''}`;
  const house = own?.house;
  useEffect(() => {
    let isOver = false;
    const worker = new Worker(new URL('../../workers/practice.worker.ts', import.meta.url), { type: 'module' });
    worker.addEventListener('error', () => setFailed(true));
    const opened = wrap<PracticeWorker>(worker);
    remote.current = opened;
    kept.current = keptOf(key);
    opened.open({ round, seed, isEndless }, kept.current.acts, house).then(
      async (first) => {
        if (isOver) return;
        setStand(first);
        setBusy(false);
        setCauses(await opened.nameables());
      },
      () => !isOver && setFailed(true),
    );
    return () => {
      isOver = true;
      worker.terminate();
    };
  }, [round, seed, isEndless, key, house, turn]);
  const act = useCallback(
    (what: Act) => {
      setBusy(true);
      remote.current!.act(what).then(
        (next) => {
          setStand(next);
          setBusy(false);
          if (next.why !== null) return;
          const now = { ...kept.current!, acts: [...kept.current!.acts, what] };
          kept.current = now;
          sessionStorage.setItem(key, JSON.stringify(now));
          if (next.over)
            savePlayed(personId, {
              ...next.over.score,
              id: now.id,
              round,
              seed,
              isEndless,
              title: next.view.title,
              at: new Date().toISOString(),
            });
        },
        () => setFailed(true),
      );
    },
    [round, seed, isEndless, key, personId],
  );
  const again = useCallback(() => {
    sessionStorage.removeItem(key);
    setStand(null);
    setBusy(true);
    setTurn((before) => before + 1);
  }, [key]);
  return { stand, isBusy, hasFailed, causes, act, again };
};
