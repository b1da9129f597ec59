import type { EnteredBy } from '@/core/access/entered-by';
import type { JobDraft } from '@/core/sync/draft';
import { dropSafe, saveSafe } from '../storage/safe-storage';

const PREFIX = 'gate-cross:draft:';

/** What of one job waits on this device to be sent. */
export interface Waiting {
  readonly jobId: string;
  /** Whether someone else entered it: it waits for him to sign in here, and is not shown before. */
  readonly isOthers: boolean;
  /** His crew; undefined where an older version kept it. */
  readonly crewId: string | undefined;
  /** Facts, readings and marks. */
  readonly count: number;
  /** When it was entered or touched last, ms. */
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

/** Whether a draft is a person's, or whoever's comes next. */
const isOf = (key: string, personId: string): boolean => !key.includes('~') || key.endsWith(`~${personId}`);

const countOf = ({ pending, outbox, marksOut }: JobDraft): number =>
  Object.keys(pending).length + outbox.length + marksOut.length;

/** What waits on this device, by job, the oldest first. */
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

/** Whether something that a person entered on a job waits on this device. */
export const waitsHere = (jobId: string, personId: string): boolean =>
  kept().some((each) => each.jobId === jobId && isOf(each.key, personId) && countOf(each.draft) > 0);

/** Facts of a job that a person entered here and that wait to be sent, the later over the earlier. */
export const pendingHere = (jobId: string, personId: string): JobDraft['pending'] =>
  Object.assign(
    {},
    ...kept()
      .filter((each) => each.jobId === jobId && isOf(each.key, personId))
      .sort((a, b) => a.draft.touchedAt - b.draft.touchedAt)
      .map(({ draft }) => draft.pending),
  ) as JobDraft['pending'];

/**
 * Makes what others of a person's crew entered on this device his own: he sends it, and it is his word that it was so.
 * What someone left who never comes back does not have to be lost with him. What is of another crew stays.
 */
export const takeOverHere = ({ personId, crewId }: EnteredBy): void => {
  for (const { key, draft } of kept().filter((each) => !isOf(each.key, personId))) {
    if (crewId === undefined || draft.crewId !== crewId) continue;
    // Another tab’s name, so that it is no one’s who is still at work.
    saveSafe(`${key.split('~')[0]}-taken~${personId}`, JSON.stringify(draft));
    dropSafe(key);
  }
};

const FORMAT = 'gate-cross-waiting';

/** Everything of a person that waits on this device as a file, so that another one can send it. */
export const waitingFile = (personId: string): string => {
  const drafts = kept()
    .filter(({ key }) => isOf(key, personId))
    .map(({ jobId, draft }) => ({ jobId, draft }));
  return `${JSON.stringify({ format: FORMAT, fileVersion: 1, drafts }, null, 2)}\n`;
};

/**
 * Takes in what waited on another device: it goes out, as whoever takes it in, when its job is opened here. What lands
 * twice lands once.
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
