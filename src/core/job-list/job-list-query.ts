import { type Stage, STAGES } from './job-summary';

/** Sort order of the job list. */
export const JOB_LIST_SORTS = { changed: 'Last change', name: 'Name', findings: 'Findings' } as const;
export type JobListSort = keyof typeof JOB_LIST_SORTS;

/** A query of the job list. */
export interface JobListQuery {
  /** Words that name or address must all contain. */
  readonly words: string;
  readonly isArchived: boolean;
  readonly sort: JobListSort;
  /** Only jobs of one stage; null: all. */
  readonly stage: Stage | null;
}

export const ALL_JOBS: JobListQuery = { words: '', isArchived: false, sort: 'changed', stage: null };

const oneOf = <K extends string>(among: Readonly<Record<K, unknown>>, text: string | null | undefined): K | null =>
  text !== null && text !== undefined && Object.hasOwn(among, text) ? (text as K) : null;

/** Parses a query from an address; missing or unknown parts mean everything. */
export const queryFromAddress = (get: (name: string) => string | null | undefined): JobListQuery => ({
  words: get('search') ?? '',
  isArchived: get('shelf') === 'archived',
  sort: oneOf(JOB_LIST_SORTS, get('sort')) ?? 'changed',
  stage: oneOf(STAGES, get('stage')),
});

/** A query for an address; defaults are omitted. */
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
