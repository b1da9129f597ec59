import { JOB_PAGES } from './screens';

/** A part of the guide: a file of docs/guide. */
interface GuidePart {
  readonly id: string;
  readonly label: string;
  readonly file: string;
}

/** Parts of the guide in working order: starting, each page of a job (opened by its "?"), library, practice. */
export const GUIDE_PARTS: readonly GuidePart[] = [
  { id: 'start', label: 'Starting a job', file: '1-start.md' },
  ...JOB_PAGES.map(({ path, title }, at) => ({ id: path, label: title, file: `${at + 2}-${path}.md` })),
  { id: 'library', label: 'Library', file: '11-library.md' },
  { id: 'practice', label: 'Practice', file: '12-practice.md' },
];

/** Address of the guide part for a page of a job. */
export const guideFor = (page: string | undefined): string =>
  `/guide/${GUIDE_PARTS.find(({ id }) => id === page)?.id ?? 'start'}`;
