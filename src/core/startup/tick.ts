import { correctedMs } from '../job/in-time';
import type { Reading } from '../job/reading';
import type { Item } from './step';

/** Something to do and tick off, not to read. */
export const tick = (id: string, label: string): Item => ({ id, label, unit: '', expect: () => ({ kind: 'tick' }) });

/** A supply proven dead counts for one spell of work, h. */
const PROVEN_DEAD_HOURS = 4;

/** A supply to open, lock and prove dead; on another visit it has to be done again. */
export const proveDead = (id: string, label: string): Item => ({ ...tick(id, label), lastsHours: PROVEN_DEAD_HOURS });

/**
 * Whether a tick has run out and has to be made again.
 * @param now the time, ms since 1970
 */
export const hasRunOut = ({ lastsHours }: Item, reading: Reading, now: number): boolean =>
  lastsHours !== undefined && now - correctedMs(reading) > lastsHours * 3_600_000;
