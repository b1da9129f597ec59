import { useCallback, useEffect, useMemo } from 'react';
import type { Observation } from '@/core/model/observable';
import { useJobNow } from '../job/provider';
import { useHeard } from './heard';
import { openRadio, type RadioWord } from './radio';

/** What a reading is about, for whoever holds the probes. */
export interface ProbesTo {
  readonly of: Observation | undefined;
  readonly unit: string;
  readonly words: string;
  /** Whether it is at line voltage. */
  readonly isLine: boolean;
}

/** Tells the simulated meter where its probes go; a real one is moved by hand. */
export const useSendProbes = () => {
  const now = useJobNow();
  const isSimulated = useHeard(({ source }) => source?.kind === 'simulated');
  const radio = useMemo(() => (isSimulated ? openRadio() : null), [isSimulated]);
  useEffect(() => () => radio?.close(), [radio]);
  return useCallback(
    ({ of, unit, words, isLine }: ProbesTo) => {
      if (!radio || !of) return;
      const { facts, moment } = now();
      const asked = { of, unit, kind: isLine ? 'live' : 'look' } as const;
      radio.postMessage({ kind: 'leads', facts, moment, asked, words } satisfies RadioWord);
    },
    [radio, now],
  );
};
