import type { Facts } from '../job/document';
import type { Harness } from '../wiring/harness';
import type { Cause, CauseKind } from './cause';

/** Causes of one kind on a job; none if the job lacks the part. */
export type CauseEntry = (facts: Facts, harness: Harness) => readonly Cause[];

/** One cause, limited to the jobs that can have it. */
export const entry =
  (
    cause: Omit<Cause, 'by' | 'caution'> & Partial<Pick<Cause, 'by' | 'caution'>>,
    applies: (facts: Facts, harness: Harness) => boolean = () => true,
  ): CauseEntry =>
  (facts, harness) =>
    applies(facts, harness) ? [{ by: 'technician', caution: null, ...cause }] : [];

/** Defaults shared by the causes of a kind. */
type Common = Pick<Cause, 'proves'> & Partial<Pick<Cause, 'by' | 'caution' | 'stop'>>;

/** Builds the causes of a kind: ids begin with the kind, defaults are filled in. */
export const ofKind =
  (kind: CauseKind, common: Common) =>
  (
    id: string,
    words: string,
    weight: number,
    because: string,
    effect: Cause['effect'],
    rest: Pick<Cause, 'confirm' | 'fix'> & Partial<Common>,
    applies?: (facts: Facts) => boolean,
  ): CauseEntry =>
    entry({ id: `${kind}:${id}`, words, kind, weight, because, effect, ...common, ...rest }, applies);

/** Combines several entries. */
export const together =
  (...entries: readonly CauseEntry[]): CauseEntry =>
  (facts, harness) =>
    entries.flatMap((each) => each(facts, harness));
