'use client';

import type { WireRow } from '@/core/job/facts/wiring';
import { wireRows } from '@/core/wiring/as-found';
import type { Harness } from '@/core/wiring/harness';
import { useJob } from '../job/provider';
import { useModelNow } from '../job/use-model-now';

/** The plan, the actual wiring, and functions to edit the record. */
export interface AsFound {
  readonly planned: Harness;
  readonly harness: Harness;
  readonly isRecorded: boolean;
  /** The record; if there is none yet, the plan as records. */
  readonly rows: readonly WireRow[];
  readonly setRows: (rows: readonly WireRow[]) => void;
  /** Back to “as planned”. */
  readonly forget: () => void;
}

export const useAsFound = (): AsFound => {
  const facts = useJob((job) => job.facts);
  const setFact = useJob((job) => job.setFact);
  const { planned, harness } = useModelNow();
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
