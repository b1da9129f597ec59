import { v4 as uuid } from 'uuid';
import { createStore } from 'zustand/vanilla';
import { atOutdoor, type Moment } from '@/core/control/moment';
import { type FactPath, factValue, sameValue } from '@/core/job/document';
import { type TakenReading, takenReading } from '@/core/job/reading';
import type { StoredJob } from '@/core/job/stored-job';
import { steppedF } from '@/core/units/degrees';
import { takeDrafts } from '../drafts';
import { isNothing, type JobDraft } from './draft';
import { factEntries } from './fact-entries';
import { historyEntries } from './history-entries';
import { keepReadPlaces } from './read-cookie';
import { createSender, type Sender } from './sender';
import { hasLanded, type JobState, overlay, type StateAccess } from './state';
import { undoEntries } from './undo';

/** How long typing must rest before it is kept on the device. */
const TYPED_MS = 200;
/** How often what waits is kept again while the page is open. */
const HOLD_MS = 3000;

/** Takes up what an earlier page of this device left unacknowledged. */
const takeUpDrafts = (job: StoredJob, { get, set }: StateAccess, sender: Sender) => {
  const drafts = takeDrafts<JobDraft>(job.id);
  if (drafts.length === 0) return;
  const pending = Object.assign({}, ...drafts.map((draft) => draft.pending)) as JobState['pending'];
  // What an older version of the page left names no visit: the server finds it by its time.
  const visit = uuid();
  const outbox = drafts
    .flatMap((draft) => draft.outbox)
    .map((reading) => (reading.visit ? reading : takenReading({ ...(reading as TakenReading), visit })));
  const marksOut = drafts
    .flatMap((draft) => draft.marksOut ?? [])
    .map((mark) => (mark.visit ? mark : { ...mark, visit, origin: null }));
  const visitsOut = drafts.flatMap((draft) => draft.visitsOut ?? []);
  const isStale = drafts.some(
    (draft) =>
      draft.baseRevision !== job.revision &&
      !hasLanded(draft, job) &&
      Object.entries(draft.pending).some(
        ([path, value]) => !sameValue(value, factValue(job.document.facts, path as FactPath)),
      ),
  );
  // A save that a reload cut off, and that is not seen yet, is sent again as the same save: it lands once.
  const cutOff = isStale ? undefined : drafts.find((draft) => draft.sending?.baseRevision === job.revision)?.sending;
  sender.resume(cutOff ?? null);
  const typed = Object.assign({}, ...drafts.map((draft) => draft.typed)) as JobState['typed'];
  const waiting = { pending, outbox, marksOut, visitsOut, visit: get().visit };
  set({
    typed,
    ...waiting,
    saveState: isStale ? 'stale' : 'waiting',
    theirs: isStale ? job : null,
    ...overlay(job, waiting),
  });
  sender.keep();
  sender.schedule(0);
};

/** Keeps what waits while the page lives, and sends it when the line is back. Returns how to end that. */
const watchPage = ({ get }: StateAccess, sender: Sender) => {
  const again = () => sender.schedule(0);
  const hold = () => {
    if (!isNothing(get())) sender.keep();
  };
  const beat = setInterval(hold, HOLD_MS);
  window.addEventListener('online', again);
  window.addEventListener('pagehide', hold);
  return () => {
    clearInterval(beat);
    sender.stop();
    window.removeEventListener('online', again);
    window.removeEventListener('pagehide', hold);
  };
};

/**
 * The state of one job on this device. Facts save themselves shortly after they change; readings go out at once.
 * Whatever is not acknowledged is kept as a draft, and sent again until it is.
 */
export const createJobStore = (
  job: StoredJob,
  moment: Moment,
  visit: string | null = null,
  cautionsRead: readonly string[] = [],
) =>
  createStore<JobState>()((set, get) => {
    const access: StateAccess = { get, set };
    const sender = createSender(access);
    let typing: ReturnType<typeof setTimeout> | undefined;
    const setTyped: JobState['setTyped'] = (name, entry) => {
      set((state) => {
        const { [name]: _, ...others } = state.typed;
        return { typed: entry === null ? others : { ...others, [name]: entry } };
      });
      clearTimeout(typing);
      // What is given up must not come back by a reload in the same breath.
      if (entry === null) sender.keep();
      else typing = setTimeout(sender.keep, TYPED_MS);
    };
    const nothing = { pending: {}, outbox: [], marksOut: [], visitsOut: [], visit };
    return {
      saved: job,
      ...overlay(job, nothing),
      ...nothing,
      typed: {},
      setTyped,
      saveState: 'saved',
      problem: '',
      theirs: null,
      undoable: [],
      redoable: [],
      moment,
      cautionsRead,
      readCaution: (place) => {
        const places = [...new Set([...get().cautionsRead, place])];
        keepReadPlaces(job.id, places);
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
      acknowledge: (change) =>
        set((state) => {
          const saved = { ...state.saved, ...change };
          return { saved, ...overlay(saved, state) };
        }),
      showVisit: (chosen) => set((state) => ({ visit: chosen, ...overlay(state.saved, { ...state, visit: chosen }) })),
      goOnWith: (chosen) => set({ goesOnWith: chosen }),
      start: () => {
        takeUpDrafts(job, access, sender);
        return watchPage(access, sender);
      },
    };
  });

export type JobStore = ReturnType<typeof createJobStore>;
