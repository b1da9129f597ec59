import { type Stage, STAGES } from './job-summary';

/** In which order the board stands. */
export const JOB_LIST_SORTS = { changed: 'Last change', name: 'Name', findings: 'Findings' } as const;
export type JobListSort = keyof typeof JOB_LIST_SORTS;

/** What is asked of the board. */
export interface JobListQuery {
  /** Words that must all occur in name or address. */
  readonly words: string;
  readonly isArchived: boolean;
  readonly sort: JobListSort;
  /** Jobs of one stage alone; null: of all. */
  readonly stage: Stage | null;
}

export const ALL_JOBS: JobListQuery = { words: '', isArchived: false, sort: 'changed', stage: null };

const oneOf = <K extends string>(among: Readonly<Record<K, unknown>>, text: string | null | undefined): K | null =>
  text !== null && text !== undefined && Object.hasOwn(among, text) ? (text as K) : null;

/** Reads a question from an address; what is missing or not known asks for everything. */
export const queryFromAddress = (get: (name: string) => string | null | undefined): JobListQuery => ({
  words: get('search') ?? '',
  isArchived: get('shelf') === 'archived',
  sort: oneOf(JOB_LIST_SORTS, get('sort')) ?? 'changed',
  stage: oneOf(STAGES, get('stage')),
});

/** A question as it is in an address; nothing for what is asked anyway. */
export const queryToAddress = ({ words, isArchived, sort, stage }: JobListQuery, after?: string): string => {
  const query = new URLSearchParams({
    ...(words ? { search: words } : {}),
    ...(isArchived ? { shelf: 'archived' } : {}),
    ...(sort === 'changed' ? {} : { sort }),
    ...(stage === null ? {} : { stage }),
    ...(after === undefined ? {} : { after }),
  });
  return query.size > 0 ? `?${query}` : '';
};
