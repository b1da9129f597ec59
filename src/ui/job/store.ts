import { v4 as uuid } from 'uuid';
import { createStore } from 'zustand/vanilla';
import { atOutdoor, type Moment } from '@/core/control/moment';
import type { StoredJob } from '@/core/job/stored-job';
import { isEmptyDraft, type JobDraft } from '@/core/sync/job/draft';
import { readJobDraft } from '@/core/sync/job/read-draft';
import { IDLE, overlay } from '@/core/sync/job/state';
import { steppedF } from '@/core/units/degrees';
import { retryRequests } from '../offline/queued-requests';
import { goneTabs, holdTab, loadDrafts, ORPHAN_AFTER_MS } from '../storage/drafts';
import { restoreSafe } from '../storage/safe-storage';
import { factEntries } from './fact-entries';
import { historyEntries } from './history-entries';
import { saveReadPlaces } from './read-cookie';
import { createSender, type Sender } from './sender';
import type { JobState, Rights, StateAccess } from './state';
import { undoEntries } from './undo';

const ALL_RIGHTS: Rights = { personId: '', change: true, read: true };

/** Debounce before typed text is stored on the device. */
const TYPED_MS = 200;
/** Interval for storing waiting entries while the page is open. */
const HOLD_MS = 3000;

/** Restores what an earlier page of this device left unacknowledged. */
const takeUpDrafts = ({ get }: StateAccess, sender: Sender, isGone?: (tab: string) => boolean) => {
  const { saved, rights } = get();
  const drafts = loadDrafts<JobDraft>(saved.id, readJobDraft, rights.personId, isGone);
  sender.tell({ kind: 'found', drafts, newId: uuid() });
};

/**
 * Restores drafts of earlier pages: this tab's and long-idle tabs' at once, tabs known to be gone as soon as the
 * browser says so, and otherwise after enough idle time.
 */
const takeUpAll = (access: StateAccess, sender: Sender): (() => void) => {
  const tookUp = (isGone: (tab: string) => boolean) => {
    takeUpDrafts(access, sender, isGone);
    access.set({ hasTakenUp: true });
  };
  holdTab();
  takeUpDrafts(access, sender);
  let isOver = false;
  void Promise.all([goneTabs(), restoreSafe()]).then(([isGone]) => !isOver && tookUp(isGone));
  const later = setTimeout(() => takeUpDrafts(access, sender, () => false), ORPHAN_AFTER_MS + HOLD_MS);
  return () => {
    isOver = true;
    clearTimeout(later);
  };
};

/** Stores waiting entries while the page is open, and sends them when the connection is back. Returns how to stop. */
const watchPage = ({ get }: StateAccess, sender: Sender) => {
  const hold = () => {
    if (!isEmptyDraft(get())) sender.tell({ kind: 'hold' });
  };
  const beat = setInterval(hold, HOLD_MS);
  window.addEventListener('online', sender.sendNow);
  window.addEventListener('pagehide', hold);
  return () => {
    clearInterval(beat);
    sender.stop();
    window.removeEventListener('online', sender.sendNow);
    window.removeEventListener('pagehide', hold);
  };
};

/**
 * State of one job on this device. Facts save themselves shortly after they change; readings go out at once. Whatever
 * is not acknowledged is stored as a draft, and sent until it is.
 */
export const createJobStore = (
  job: StoredJob,
  moment: Moment,
  visit: string | null = null,
  cautionsRead: readonly string[] = [],
  rights: Rights = ALL_RIGHTS,
) =>
  createStore<JobState>()((set, get) => {
    const access: StateAccess = { get, set };
    const sender = createSender(job.id, access);
    const hold = () => sender.tell({ kind: 'hold' });
    let typing: ReturnType<typeof setTimeout> | undefined;
    const setTyped: JobState['setTyped'] = (name, entry) => {
      set((state) => {
        const { [name]: _, ...others } = state.typed;
        return { typed: entry === null ? others : { ...others, [name]: entry } };
      });
      clearTimeout(typing);
      // A dropped draft must not return with an immediate reload.
      if (entry === null) hold();
      else typing = setTimeout(hold, TYPED_MS);
    };
    const nothing = { pending: {}, outbox: [], marksOut: [], visitsOut: [], visit };
    return {
      rights,
      saved: job,
      ...overlay(job, nothing),
      ...nothing,
      typed: {},
      setTyped,
      saveState: 'saved',
      problem: '',
      theirs: null,
      isUnkept: false,
      line: IDLE,
      hasTakenUp: false,
      undoable: [],
      redoable: [],
      moment,
      cautionsRead,
      readCaution: (place) => {
        const places = [...new Set([...get().cautionsRead, place])];
        saveReadPlaces(job.id, places);
        set({ cautionsRead: places });
      },
      ...factEntries(access, sender),
      ...historyEntries(access, sender),
      ...undoEntries(access, sender),
      setMoment: (change) => set((state) => ({ moment: { ...state.moment, ...change } })),
      setCall: (next) => set((state) => ({ moment: { ...state.moment, call: next } })),
      nudgeOutdoor: (steps, scale) =>
        set(({ moment }) => ({ moment: atOutdoor(moment, steppedF(scale, moment.outdoorF, steps)) })),
      savedAt: null,
      goesOnWith: null,
      receive: (job) => sender.tell({ kind: 'received', job }),
      acknowledge: (change) =>
        set((state) => {
          const saved = { ...state.saved, ...change };
          return { saved, ...overlay(saved, state) };
        }),
      showVisit: (chosen) => set((state) => ({ visit: chosen, ...overlay(state.saved, { ...state, visit: chosen }) })),
      goOnWith: (chosen) => set({ goesOnWith: chosen }),
      tryAgain: () => {
        retryRequests(get().saved.id, rights.personId);
        sender.sendNow();
      },
      start: () => {
        const end = takeUpAll(access, sender);
        const leave = watchPage(access, sender);
        return () => {
          end();
          leave();
        };
      },
    };
  });

export type JobStore = ReturnType<typeof createJobStore>;
