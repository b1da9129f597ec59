import type { EnteredBy } from '../access/entered-by';
import { type Parsed, parseJson } from '../border/parse';
import { isId } from '../job/id-schema';
import type { JobDraft } from './job/draft';
import { countOfDraft, readJobDraft } from './job/read-draft';
import { type ProfileDraft, readProfileDraft } from './profile/draft';
import { type QueuedRequest, readQueuedRequest } from './queue/queued-request';

const FORMAT = 'gate-cross-waiting';
/** The first version had drafts of jobs alone. */
const VERSIONS = [1, 2];

/** A draft with its subject: a job or a profile. */
interface DraftOf<Draft> {
  readonly of: string;
  readonly draft: Draft;
}

/** A person's unsent entries of every kind, to send from another device. */
export interface WaitingFile {
  readonly jobs: readonly DraftOf<JobDraft>[];
  readonly profiles: readonly DraftOf<ProfileDraft>[];
  readonly requests: readonly QueuedRequest[];
  /** Entries that could not be read, or that only their author may send: they stay in the file. */
  readonly leftOut: number;
}

/** Unsent entries as stored on a device, as the text of a file. */
export const waitingFileText = ({
  jobs,
  profiles,
  requests,
}: {
  readonly jobs: readonly DraftOf<unknown>[];
  readonly profiles: readonly DraftOf<unknown>[];
  readonly requests: readonly QueuedRequest[];
}): string =>
  `${JSON.stringify(
    {
      format: FORMAT,
      fileVersion: 2,
      drafts: jobs.map(({ of, draft }) => ({ jobId: of, draft })),
      profiles: profiles.map(({ of, draft }) => ({ profileId: of, draft })),
      requests,
    },
    null,
    2,
  )}\n`;

const listIn = (file: object, name: string): unknown[] => {
  const list = (file as Readonly<Record<string, unknown>>)[name];
  return Array.isArray(list) ? list : [];
};

/** Drafts in a file with their subjects; those that are none are left out. */
const draftsIn = <Draft>(
  file: object,
  name: string,
  idName: string,
  read: (value: unknown) => Parsed<Draft>,
): DraftOf<Draft>[] =>
  listIn(file, name).flatMap((entry) => {
    const { [idName]: of, draft } = (entry ?? {}) as Readonly<Record<string, unknown>>;
    const parsed = read(draft);
    return typeof of === 'string' && parsed.ok ? [{ of, draft: parsed.value }] : [];
  });

/** Whether a request is a signature or another decision: only the person who made it may send it. */
const isOwnAct = ({ path }: QueuedRequest): boolean => path.endsWith('/move');

/**
 * Reads unsent entries from another device. They are sent as the importing person's, so what only their author may send
 * is left out: a handover waits on the device of whoever signed it.
 */
export const readWaitingFile = (text: string, { personId, crewId }: EnteredBy): Parsed<WaitingFile> => {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const file = parsed.value as { readonly format?: unknown; readonly fileVersion?: unknown } | null;
  if (file?.format !== FORMAT || !VERSIONS.includes(file.fileVersion as number))
    return { ok: false, error: 'This is not an unsent-entries file.', path: 'format' };
  const jobs = draftsIn(file, 'drafts', 'jobId', readJobDraft).filter(({ of }) => isId(of));
  const profiles = draftsIn(file, 'profiles', 'profileId', readProfileDraft);
  const requests = listIn(file, 'requests')
    .flatMap((value) => {
      const read = readQueuedRequest(value);
      return read.ok ? [read.value] : [];
    })
    .filter((request) => request.personId === personId || !isOwnAct(request))
    .map(({ problem: _, ...request }) => ({ ...request, personId, crewId }));
  const unread = jobs.reduce((sum, { draft }) => sum + countOfDraft(draft.unread ?? {}), 0);
  const missed = (name: string, read: readonly unknown[]) => listIn(file, name).length - read.length;
  const leftOut = unread + missed('drafts', jobs) + missed('profiles', profiles) + missed('requests', requests);
  return {
    ok: true,
    value: { jobs: jobs.map(({ of, draft }) => ({ of, draft: draft.draft })), profiles, requests, leftOut },
  };
};
