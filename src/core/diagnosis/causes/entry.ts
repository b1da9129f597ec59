import type { Facts } from '../../job/document';
import type { Harness } from '../../wiring/harness';
import type { Cause, CauseKind } from '../cause';

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

/** What the causes of a kind have in common, unless one says otherwise. */
type Common = Pick<Cause, 'proves'> & Partial<Pick<Cause, 'by' | 'caution' | 'stop'>>;

/** Makes the causes of a kind: each named after it, with what they have in common. */
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

/** The causes of some entries. */
export const together =
  (...entries: readonly CauseEntry[]): CauseEntry =>
  (facts, harness) =>
    entries.flatMap((each) => each(facts, harness));
