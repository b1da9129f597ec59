import type { EnteredBy } from '@/core/access/entered-by';
import type { JobDraft } from '@/core/sync/job/draft';
import { countOfDraft, readJobDraft } from '@/core/sync/job/read-draft';
import { readWaitingFile, waitingFileText } from '@/core/sync/waiting-file';
import { addDraft, type DraftHere, draftsHere, giveDraft, isDraftOf } from '../storage/drafts';
import { addRequest, queuedRequests } from './queued-requests';

/** Subject of a profile's draft. */
const PROFILE = 'profile:';
export const profileDraftKey = (profileId: string): string => PROFILE + profileId;

/** Waiting entries of one job or one profile on this device. */
export interface Waiting {
  /** Job or profile. */
  readonly kind: 'job' | 'profile';
  readonly id: string;
  /** Whether someone else entered it: it waits until they sign in here, and is hidden before. */
  readonly isOthers: boolean;
  /** Their crew; undefined if stored by an older version. */
  readonly crewId: string | undefined;
  /** Facts, readings and marks; of a profile 1: it is saved whole. */
  readonly count: number;
  /** When it was last entered or touched, ms. */
  readonly touchedAt: number;
}

const subjectOf = ({ of }: DraftHere) =>
  of.startsWith(PROFILE)
    ? ({ kind: 'profile', id: of.slice(PROFILE.length) } as const)
    : ({ kind: 'job', id: of } as const);

const crewOf = ({ value }: DraftHere): string | undefined => {
  const crewId = (value as { crewId?: unknown } | null)?.crewId;
  return typeof crewId === 'string' ? crewId : undefined;
};

/** Number of entries in a draft, whether or not this version can read them; 0 where it is none. */
const countOf = (draft: DraftHere): number => {
  if (typeof draft.value !== 'object' || draft.value === null) return 0;
  if (subjectOf(draft).kind === 'profile') return 1;
  const { pending, outbox, marksOut } = draft.value as Partial<JobDraft>;
  return Array.isArray(outbox) ? countOfDraft({ pending: pending ?? {}, outbox, marksOut: marksOut ?? [] }) : 0;
};

const waitingDrafts = (): DraftHere[] => draftsHere().filter((draft) => countOf(draft) > 0);

/** Waiting entries on this device by job and profile, oldest first. */
export const waitingHere = (personId: string): Waiting[] => {
  const bySubject = new Map<string, Waiting>();
  for (const draft of waitingDrafts()) {
    const isOthers = !isDraftOf(draft, personId);
    const crewId = crewOf(draft);
    const name = `${draft.of}${isOthers ? ` others ${crewId}` : ''}`;
    const before = bySubject.get(name);
    bySubject.set(name, {
      ...subjectOf(draft),
      isOthers,
      crewId,
      count: (before?.count ?? 0) + countOf(draft),
      touchedAt: Math.min(before?.touchedAt ?? Infinity, draft.touchedAt),
    });
  }
  return [...bySubject.values()].sort((a, b) => a.touchedAt - b.touchedAt);
};

/** Whether a person has waiting entries on a job on this device. */
export const waitsHere = (jobId: string, personId: string): boolean =>
  waitingDrafts().some((draft) => draft.of === jobId && isDraftOf(draft, personId));

/** A person's waiting facts of a job, later ones over earlier ones. */
export const pendingHere = (jobId: string, personId: string): JobDraft['pending'] =>
  Object.assign(
    {},
    ...draftsHere(jobId)
      .filter((draft) => isDraftOf(draft, personId))
      .sort((a, b) => a.touchedAt - b.touchedAt)
      .map(({ value }) => {
        const read = readJobDraft(value);
        return read.ok ? read.value.draft.pending : {};
      }),
  ) as JobDraft['pending'];

/**
 * Takes over entries of others in a person's crew on this device: the person sends them and vouches for them, so that
 * the work of someone who never comes back is not lost. Entries of another crew stay.
 */
export const takeOverHere = ({ personId, crewId }: EnteredBy): void =>
  waitingDrafts()
    .filter((draft) => !isDraftOf(draft, personId) && crewId !== undefined && crewOf(draft) === crewId)
    .forEach((draft) => giveDraft(draft, personId));

/** All of a person's unsent entries on this device as a file, to send from another device. */
export const waitingFile = (personId: string): string => {
  const own = waitingDrafts()
    .filter((draft) => isDraftOf(draft, personId))
    .map((draft) => ({ ...subjectOf(draft), of: subjectOf(draft).id, draft: draft.value }));
  return waitingFileText({
    jobs: own.filter(({ kind }) => kind === 'job'),
    profiles: own.filter(({ kind }) => kind === 'profile'),
    requests: queuedRequests(personId),
  });
};

/** What was imported, by kind. */
export interface TakenFile {
  readonly jobs: number;
  readonly profiles: number;
  readonly requests: number;
  /** Entries that stay in the file: unreadable, or their author's alone to send. */
  readonly leftOut: number;
}

/**
 * Imports unsent entries from another device: they are sent, as the importing person's, when their job or controller is
 * opened here; requests go out at once. Duplicates are stored once.
 * @returns how many jobs, profiles and requests it is about; null where the file is none, or the device has no room
 */
export const takeWaitingFile = (text: string, who: EnteredBy): TakenFile | null => {
  const read = readWaitingFile(text, who);
  if (!read.ok) return null;
  const { jobs, profiles, requests, leftOut } = read.value;
  const { personId, crewId } = who;
  try {
    for (const [at, { of, draft }] of [
      ...jobs,
      ...profiles.map((each) => ({ ...each, of: PROFILE + each.of })),
    ].entries())
      addDraft(of, `file-${Date.now()}-${at}`, { ...draft, crewId }, personId);
    if (!requests.every(addRequest)) return null;
    const countOf = (all: readonly { readonly of: string }[]) => new Set(all.map(({ of }) => of)).size;
    return { jobs: countOf(jobs), profiles: countOf(profiles), requests: requests.length, leftOut };
  } catch {
    return null;
  }
};
