import type { Facts } from '../../job/document';
import type { Harness } from '../../wiring/harness';
import type { Cause } from '../cause';

/** Causes of one sort as a job has them: none where it has no such part. */
export type CauseEntry = (facts: Facts, harness: Harness) => readonly Cause[];

/** One cause, for the jobs it can be met on. */
export const entry =
  (
    cause: Omit<Cause, 'by' | 'caution'> & Partial<Pick<Cause, 'by' | 'caution'>>,
    applies: (facts: Facts, harness: Harness) => boolean = () => true,
  ): CauseEntry =>
  (facts, harness) =>
    applies(facts, harness) ? [{ by: 'technician', caution: null, ...cause }] : [];

/** The causes of some entries. */
export const together =
  (...entries: readonly CauseEntry[]): CauseEntry =>
  (facts, harness) =>
    entries.flatMap((each) => each(facts, harness));
