import type { EnteredBy } from '@/core/access/entered-by';
import type { JobDraft } from '@/core/sync/draft';
import { dropSafe, saveSafe } from '../storage/safe-storage';

const PREFIX = 'gate-cross:draft:';

/** Waiting entries of one job on this device. */
export interface Waiting {
  readonly jobId: string;
  /** Whether someone else entered it: it waits until they sign in here, and is hidden before. */
  readonly isOthers: boolean;
  /** Their crew; undefined if stored by an older version. */
  readonly crewId: string | undefined;
  /** Facts, readings and marks. */
  readonly count: number;
  /** When it was last entered or touched, ms. */
  readonly touchedAt: number;
}

type KeptDraft = JobDraft & { readonly touchedAt: number; readonly crewId?: string };

const kept = (): { readonly key: string; readonly jobId: string; readonly draft: KeptDraft }[] => {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX))
      .flatMap((key) => {
        const draft = JSON.parse(localStorage.getItem(key) ?? 'null') as KeptDraft | null;
        const jobId = key.slice(PREFIX.length).split(':')[0]!;
        return draft && Array.isArray(draft.outbox) ? [{ key, jobId, draft }] : [];
      });
  } catch {
    return [];
  }
};

/** Whether a draft belongs to a person, or to anyone. */
const isOf = (key: string, personId: string): boolean => !key.includes('~') || key.endsWith(`~${personId}`);

const countOf = ({ pending, outbox, marksOut }: JobDraft): number =>
  Object.keys(pending).length + outbox.length + marksOut.length;

/** Waiting entries on this device by job, oldest first. */
export const waitingHere = (personId: string): Waiting[] => {
  const byJob = new Map<string, Waiting>();
  for (const { key, jobId, draft } of kept()) {
    const isOthers = !isOf(key, personId);
    const name = `${jobId}${isOthers ? ` others ${draft.crewId}` : ''}`;
    const before = byJob.get(name);
    byJob.set(name, {
      jobId,
      isOthers,
      crewId: draft.crewId,
      count: (before?.count ?? 0) + countOf(draft),
      touchedAt: Math.min(before?.touchedAt ?? Infinity, draft.touchedAt),
    });
  }
  return [...byJob.values()].filter(({ count }) => count > 0).sort((a, b) => a.touchedAt - b.touchedAt);
};

/** Whether a person has waiting entries on a job on this device. */
export const waitsHere = (jobId: string, personId: string): boolean =>
  kept().some((each) => each.jobId === jobId && isOf(each.key, personId) && countOf(each.draft) > 0);

/** A person's waiting facts of a job, later ones over earlier ones. */
export const pendingHere = (jobId: string, personId: string): JobDraft['pending'] =>
  Object.assign(
    {},
    ...kept()
      .filter((each) => each.jobId === jobId && isOf(each.key, personId))
      .sort((a, b) => a.draft.touchedAt - b.draft.touchedAt)
      .map(({ draft }) => draft.pending),
  ) as JobDraft['pending'];

/**
 * Takes over entries of others in a person's crew on this device: the person sends them and vouches for them, so that
 * the work of someone who never comes back is not lost. Entries of another crew stay.
 */
export const takeOverHere = ({ personId, crewId }: EnteredBy): void => {
  for (const { key, draft } of kept().filter((each) => !isOf(each.key, personId))) {
    if (crewId === undefined || draft.crewId !== crewId) continue;
    // A different tab name, so that it belongs to no one still working.
    saveSafe(`${key.split('~')[0]}-taken~${personId}`, JSON.stringify(draft));
    dropSafe(key);
  }
};

const FORMAT = 'gate-cross-waiting';

/** All of a person's waiting entries on this device as a file, to send from another device. */
export const waitingFile = (personId: string): string => {
  const drafts = kept()
    .filter(({ key }) => isOf(key, personId))
    .map(({ jobId, draft }) => ({ jobId, draft }));
  return `${JSON.stringify({ format: FORMAT, fileVersion: 1, drafts }, null, 2)}\n`;
};

/**
 * Imports waiting entries from another device: they are sent, as the importing person's, when their job is opened here.
 * Duplicates are stored once.
 * @returns how many jobs it is about; null where the file is none
 */
export const takeWaitingFile = (text: string, { personId, crewId }: EnteredBy): number | null => {
  try {
    const file = JSON.parse(text) as { format?: unknown; drafts?: { jobId: string; draft: KeptDraft }[] };
    if (file.format !== FORMAT || !Array.isArray(file.drafts)) return null;
    const good = file.drafts.filter(
      ({ jobId, draft }) =>
        /^[0-9a-f-]{36}$/.test(jobId) && Array.isArray(draft.outbox) && Array.isArray(draft.marksOut),
    );
    for (const [at, { jobId, draft }] of good.entries())
      saveSafe(
        `${PREFIX}${jobId}:file-${Date.now()}-${at}~${personId}`,
        JSON.stringify({ ...draft, crewId, touchedAt: 0 }),
      );
    return new Set(good.map(({ jobId }) => jobId)).size;
  } catch {
    return null;
  }
};
