'use client';

import type { FactPath } from '@/core/job/document';
import type { OldConductorRow, OldJumperRow, OldReadingRow, OldSettingRow } from '@/core/job/facts/changeout';
import { useJob } from '../job/provider';

/** Recorded old wiring, and functions to edit it. */
export interface OldWiringRecord {
  readonly rows: readonly OldConductorRow[];
  readonly isBegun: boolean;
  readonly setRows: (rows: readonly OldConductorRow[]) => void;
  readonly jumpers: readonly OldJumperRow[];
  readonly setJumpers: (rows: readonly OldJumperRow[]) => void;
  readonly settings: readonly OldSettingRow[];
  readonly setSettings: (rows: readonly OldSettingRow[]) => void;
  readonly readings: readonly OldReadingRow[];
  readonly setReadings: (rows: readonly OldReadingRow[]) => void;
}

export const useOldWiring = (): OldWiringRecord => {
  const { subbase, jumpers, settings, readings } = useJob((job) => job.facts.changeout);
  const setFact = useJob((job) => job.setFact);
  const set = (path: FactPath) => (rows: unknown) => setFact(path, rows);
  return {
    rows: subbase ?? [],
    isBegun: subbase !== null,
    setRows: set('changeout.subbase'),
    jumpers,
    setJumpers: set('changeout.jumpers'),
    settings,
    setSettings: set('changeout.settings'),
    readings,
    setReadings: set('changeout.readings'),
  };
};
