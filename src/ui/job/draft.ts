import type { FactPath } from '@/core/job/document';
import type { Reading } from '@/core/job/reading';
import type { SettingMark } from '@/core/setup/marks';

/** What has been entered and not been acknowledged yet. It outlives a reload, a crash and a lost server. */
export interface Draft {
  readonly baseRevision: number;
  readonly pending: Readonly<Partial<Record<FactPath, unknown>>>;
  readonly outbox: readonly Reading[];
  readonly marksOut: readonly SettingMark[];
  readonly touchedAt: number;
}

/** A draft that its tab has not touched for this long belongs to a tab that is gone, ms. */
const ORPHAN_AFTER_MS = 10_000;

const TAB = 'gate-cross:tab';
const prefix = (jobId: string) => `gate-cross:draft:${jobId}:`;

const tabId = (): string => {
  const known = sessionStorage.getItem(TAB);
  if (known) return known;
  const made = Math.random().toString(36).slice(2);
  sessionStorage.setItem(TAB, made);
  return made;
};

const isEmpty = ({ pending, outbox, marksOut }: Pick<Draft, 'pending' | 'outbox' | 'marksOut'>) =>
  Object.keys(pending).length + outbox.length + marksOut.length === 0;

/** Keeps this tab's draft, or clears it once everything is acknowledged. False where the device has no room for it. */
export const keepDraft = (jobId: string, draft: Omit<Draft, 'touchedAt'>): boolean => {
  const key = prefix(jobId) + tabId();
  try {
    if (isEmpty(draft)) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify({ ...draft, touchedAt: Date.now() }));
    return true;
  } catch {
    return false;
  }
};

/** Takes over the drafts of this tab and of tabs that are gone, oldest first; each is handed out once. */
export const takeDrafts = (jobId: string): Draft[] => {
  const own = prefix(jobId) + tabId();
  const found: Draft[] = [];
  try {
    for (const key of Object.keys(localStorage).filter((name) => name.startsWith(prefix(jobId)))) {
      const draft = JSON.parse(localStorage.getItem(key)!) as Draft;
      if (key !== own && Date.now() - draft.touchedAt < ORPHAN_AFTER_MS) continue;
      localStorage.removeItem(key);
      found.push(draft);
    }
  } catch {
    return found;
  }
  return found.sort((a, b) => a.touchedAt - b.touchedAt);
};
