'use client';

import { useMemo } from 'react';
import type { WireRow } from '@/core/job/facts/wiring';
import { harnessInWall, wireRows } from '@/core/wiring/as-found';
import type { Harness } from '@/core/wiring/harness';
import { plan } from '@/core/wiring/plan';
import { useJob } from '../job/provider';

/** The plan, what is in the wall, and how to change the record of it. */
export interface AsFound {
  readonly planned: Harness;
  readonly harness: Harness;
  readonly isRecorded: boolean;
  /** The record; where there is none yet, the plan as records. */
  readonly rows: readonly WireRow[];
  readonly setRows: (rows: readonly WireRow[]) => void;
  /** Back to “as planned”. */
  readonly forget: () => void;
}

export const useAsFound = (): AsFound => {
  const facts = useJob((job) => job.facts);
  const setFact = useJob((job) => job.setFact);
  const planned = useMemo(() => plan(facts), [facts]);
  const harness = useMemo(() => harnessInWall(facts, planned), [facts, planned]);
  const record = facts.wiring.asFound;
  return {
    planned,
    harness,
    isRecorded: record !== null,
    rows: record ?? wireRows(planned),
    setRows: (rows) => setFact('wiring.asFound', rows),
    forget: () => setFact('wiring.asFound', null),
  };
};
