import { v4 as uuid } from 'uuid';
import type { Visit } from '@/core/job/visit';
import { allEntries, isClosed, lastVisit, likelyReason } from '@/core/job/visits';
import { everything } from '@/core/sync/job/state';
import { usePerson } from '../person/person';
import type { JobState } from './state';

/** A new visit with the likeliest reason. */
export const newVisit = (visits: readonly Visit[]): Visit => ({
  id: uuid(),
  reason: likelyReason(visits),
  began: new Date().toISOString(),
  ended: null,
  author: usePerson.getState().author,
});

/** The displayed visit; undefined if there is none yet. */
export const shownVisit = ({ visits, visit }: Pick<JobState, 'visits' | 'visit'>): Visit | undefined =>
  visits.find(({ id }) => id === visit) ?? lastVisit(visits);

/** Whether a visit is over: new entries then belong to another, unless it is continued. */
export const isVisitOver = (state: JobState, visit: Visit): boolean =>
  visit.id !== state.goesOnWith && isClosed(visit, allEntries(everything(state)), Date.now());

/** The visit for new entries: the displayed one while it lasts, else the last, else a new one. */
export const visitToEnter = (state: JobState): { readonly visit: Visit; readonly isNew: boolean } => {
  for (const visit of [shownVisit(state), lastVisit(state.visits)])
    if (visit && !isVisitOver(state, visit)) return { visit, isNew: false };
  return { visit: newVisit(state.visits), isNew: true };
};
