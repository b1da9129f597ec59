import { sameValue } from '../../job/document';
import type { ControllerProfile } from '../../setup/profiles/profile';
import type { StoredProfile } from '../../setup/profiles/stored-profile';
import { type Answer, savedHere } from '../answer';
import { readProfileAnswer, theirProfile } from '../answers';
import { retryDelayMs } from '../retry';
import type { Machine } from '../run';
import { type CommonEvent, NO_ANSWER, NO_ROOM, type SyncStep, type Tick } from '../step';
import type { ProfileDraft, SendingProfile } from './draft';

/** A controller profile on a device: as the server has it, as edited here, and the progress of sending. */
export interface ProfileSync {
  /** As last acknowledged by the server. */
  readonly saved: StoredProfile;
  readonly profile: ControllerProfile;
  /** The save: it keeps its id until answered, so that it is stored once. */
  readonly sending: SendingProfile | null;
  /** Whether a request is in progress. */
  readonly isAsking: boolean;
  readonly saveState: 'saved' | 'waiting' | 'saving' | 'lost' | 'stale' | 'refused';
  readonly problem: string;
  /** The other version, if a save was refused because someone saved first. */
  readonly theirs: StoredProfile | null;
  /** Consecutive unanswered attempts. */
  readonly lostInARow: number;
  readonly isUnkept: boolean;
}

/** Events of a profile on a device. */
export type ProfileEvent =
  | { readonly kind: 'edited'; readonly profile: ControllerProfile; readonly inMs: number }
  /** Edits that an earlier page of this device left unacknowledged, oldest first. */
  | { readonly kind: 'found'; readonly drafts: readonly ProfileDraft[] }
  /** A conflict was resolved: this device's version is saved over the other, or the other is taken. */
  | { readonly kind: 'settled'; readonly takesTheirs: boolean };

/** A profile as the server sent it. */
export const profileAtRest = (saved: StoredProfile): ProfileSync => ({
  saved,
  profile: saved.profile,
  sending: null,
  isAsking: false,
  saveState: 'saved',
  problem: '',
  theirs: null,
  lostInARow: 0,
  isUnkept: false,
});

type Step = SyncStep<ProfileSync>;

const isEdited = ({ profile, saved, sending }: ProfileSync): boolean =>
  sending !== null || !sameValue(profile, saved.profile);

/** No answer: retry after a delay. */
const lost = (state: ProfileSync, problem: string, { chance }: Tick): Step => ({
  state: { ...state, isAsking: false, saveState: 'lost', problem, lostInARow: state.lostInARow + 1 },
  effects: [{ kind: 'keep' }, { kind: 'again', inMs: retryDelayMs(state.lostInARow, chance) }],
});

const asked = (state: ProfileSync, { newId }: Tick): Step => {
  // The same content sent again is the same save; a newer one waits.
  const sending = state.sending ?? { saveId: newId, baseRevision: state.saved.revision, profile: state.profile };
  return {
    state: { ...state, sending, isAsking: true, saveState: 'saving' },
    effects: [{ kind: 'keep' }, { kind: 'ask', request: { method: 'PUT', path: '/api/profiles', body: sending } }],
  };
};

const landed = (state: ProfileSync, sent: SendingProfile, stored: StoredProfile): Step => {
  const done = { ...state, sending: null, isAsking: false, problem: '', lostInARow: 0 };
  const isOwn = sameValue(stored.profile, sent.profile);
  // An answer that comes late may be someone else's later save: newer edits here must not hide it.
  if (!isOwn && !sameValue(state.profile, sent.profile))
    return { state: { ...done, saveState: 'stale', theirs: stored }, effects: [{ kind: 'keep' }] };
  const next = { ...done, saved: stored, profile: isOwn ? state.profile : stored.profile };
  return isEdited(next)
    ? { state: { ...next, saveState: 'waiting' }, effects: [{ kind: 'keep' }, { kind: 'again', inMs: 0 }] }
    : { state: { ...next, saveState: 'saved' }, effects: [{ kind: 'keep' }] };
};

const answered = (state: ProfileSync, given: Answer<unknown>, tick: Tick): Step => {
  const { sending } = state;
  if (!sending || !state.isAsking) return { state, effects: [] };
  const answer = readProfileAnswer(given);
  if (answer.kind === 'lost') return lost(state, savedHere(answer), tick);
  if (answer.kind === 'ok') return landed(state, sending, answer.value);
  const theirs = answer.status === 409 ? theirProfile(answer.body) : null;
  const done = { ...state, sending: null, isAsking: false, lostInARow: 0 };
  // A reload lost the answer to this device's own save: nothing is in conflict.
  if (theirs && sameValue(theirs.profile, sending.profile)) return landed(state, sending, theirs);
  const problem = answer.path ? `${answer.path}: ${answer.error}` : answer.error;
  return {
    state: { ...done, theirs, problem, saveState: theirs ? 'stale' : 'refused' },
    effects: [{ kind: 'keep' }],
  };
};

/** Restores edits of an earlier page under those made here since; on another version of the profile, asks. */
const found = (state: ProfileSync, drafts: readonly ProfileDraft[]): Step => {
  const draft = drafts.at(-1);
  if (!draft || state.saved.revision === null || sameValue(draft.profile, state.saved.profile))
    return { state, effects: [{ kind: 'keep' }] };
  const isSince = isEdited(state);
  const profile = isSince ? state.profile : draft.profile;
  const { sending, baseRevision } = draft;
  const { saved } = state;
  // The save that the reload cut off made the present version: edits since then continue from it.
  const hasLanded = sending && sameValue(sending.profile, saved.profile);
  if (baseRevision === saved.revision || hasLanded)
    return {
      state: { ...state, profile, sending: hasLanded || isSince ? null : (sending ?? null), saveState: 'waiting' },
      effects: [{ kind: 'keep' }, { kind: 'again', inMs: 0 }],
    };
  return { state: { ...state, profile, saveState: 'stale', theirs: saved }, effects: [{ kind: 'keep' }] };
};

const settled = (state: ProfileSync, takesTheirs: boolean): Step => {
  const { theirs } = state;
  if (!theirs) return { state, effects: [] };
  const next = { ...state, saved: theirs, theirs: null, sending: null, problem: '' };
  return takesTheirs
    ? { state: { ...next, profile: theirs.profile, saveState: 'saved' }, effects: [{ kind: 'keep' }] }
    : { state: { ...next, saveState: 'waiting' }, effects: [{ kind: 'keep' }, { kind: 'again', inMs: 0 }] };
};

const step = (state: ProfileSync, event: ProfileEvent | CommonEvent): Step => {
  switch (event.kind) {
    case 'edited': {
      const next = { ...state, profile: event.profile };
      return state.theirs
        ? { state: next, effects: [{ kind: 'keep' }] }
        : {
            state: { ...next, saveState: 'waiting' },
            effects: [{ kind: 'keep' }, { kind: 'again', inMs: event.inMs }],
          };
    }
    case 'hold':
      return { state, effects: [{ kind: 'keep' }] };
    case 'due': {
      if (state.isAsking || state.theirs) return { state, effects: [] };
      // Edited back to what is saved: nothing is left to send.
      if (!isEdited(state))
        return { state: { ...state, saveState: 'saved', problem: '' }, effects: [{ kind: 'keep' }] };
      return {
        state: { ...state, isAsking: true, saveState: 'saving' },
        effects: [{ kind: 'send queue', phase: 'before' }],
      };
    }
    case 'queue tried': {
      const { outcome } = event;
      if (outcome.areDone) return asked(state, event);
      if (outcome.refusal === '') return lost(state, NO_ANSWER, event);
      return {
        state: { ...state, isAsking: false, saveState: 'refused', problem: outcome.refusal },
        effects: [{ kind: 'keep' }],
      };
    }
    case 'answered':
      return answered(state, event.answer, event);
    case 'not kept':
      return { state: { ...state, isUnkept: true, problem: NO_ROOM }, effects: [] };
    case 'kept':
      return {
        state: { ...state, isUnkept: false, problem: state.problem === NO_ROOM ? '' : state.problem },
        effects: [],
      };
    case 'found':
      return found(state, event.drafts);
    case 'settled':
      return settled(state, event.takesTheirs);
  }
};

/** A controller profile as a machine that syncs: edited whole, saved whole, and asked about after a conflict. */
export const profileMachine: Machine<ProfileSync, ProfileEvent, ProfileDraft> = {
  step,
  draftOf: (state) =>
    isEdited(state) ? { baseRevision: state.saved.revision, profile: state.profile, sending: state.sending } : null,
};
