import type { EnteredBy } from '@/core/access/entered-by';
import { call } from '../requests/api';
import { dropSafe, saveSafe } from '../storage/safe-storage';

/** Something that is done on the server once it is reached, under an id of the device's own: done once. */
export interface QueuedRequest {
  readonly id: string;
  /** What it is about: a job, a controller, a year of weather. What else waits for that goes before or after it. */
  readonly about: string;
  /** Who asked for it, and his crew; it goes out as him, and as no one else. */
  readonly personId: string;
  readonly crewId?: string | undefined;
  /** Whether it is done before what else waits for that, as where a job begins, or after it. */
  readonly phase: 'before' | 'after';
  /** What it is, in words. */
  readonly words: string;
  readonly path: string;
  readonly method: 'POST' | 'PUT';
  readonly body: unknown;
  /** When it was asked for, ms. */
  readonly at: number;
  /** Why the server refused it; it stays to be looked at. */
  readonly problem?: string;
}

const KEY = 'gate-cross:errands';

const all = (): QueuedRequest[] => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as QueuedRequest[];
  } catch {
    return [];
  }
};

const write = (errands: readonly QueuedRequest[]): void =>
  errands.length === 0 ? dropSafe(KEY) : saveSafe(KEY, JSON.stringify(errands));

/** What a person asked for on this device, and the server has not done yet; the oldest first. */
export const queuedRequests = (personId: string): QueuedRequest[] =>
  all().filter((errand) => errand.personId === personId);

/**
 * Whether a person asked here for something about a job or a controller that is to be done before what else waits for
 * it, or after. What has to be done before is in the way though the server refused it: what comes after it would
 * be refused as well.
 */
export const isQueued = (about: string, phase: QueuedRequest['phase'], personId: string): boolean =>
  queuedRequests(personId).some(
    (errand) => errand.about === about && errand.phase === phase && (phase === 'before' || !errand.problem),
  );

/** Why the server refused what has to be done about a job before anything else; empty where it did not. */
export const refusedBefore = (about: string, personId: string): string => {
  const stands = queuedRequests(personId).find((errand) => errand.about === about && errand.phase === 'before');
  return stands?.problem ? `${stands.words}: ${stands.problem}` : '';
};

/**
 * Keeps an queued request for when the server is reached.
 * @returns false where the device has no room for it
 */
export const queueRequest = (errand: Omit<QueuedRequest, 'at' | 'problem'>): boolean => {
  try {
    write([...all().filter(({ id }) => id !== errand.id), { ...errand, at: Date.now() }]);
    return true;
  } catch {
    return false;
  }
};

const refused = (errand: QueuedRequest, problem: string): void =>
  write(all().map((each) => (each.id === errand.id ? { ...each, problem } : each)));

/** What is being asked for just now: another part of the page does not ask for it too. */
const underWay = new Set<string>();

const tellers = new Set<(about: string) => void>();

/** Tells whenever an queued request was done or refused, and about what. Returns how to end that. */
export const onRequestDone = (tell: (about: string) => void): (() => void) => {
  tellers.add(tell);
  return () => tellers.delete(tell);
};

const withoutProblem = (which: (errand: QueuedRequest) => boolean): void => {
  if (all().some((errand) => errand.problem && which(errand)))
    write(all().map(({ problem, ...errand }) => (!problem || which(errand) ? errand : { ...errand, problem })));
};

/** Has something that was refused tried again with what else waits. */
export const retryRequest = (id: string): void => withoutProblem((errand) => errand.id === id);

/** Has everything tried again that a person asked for about a job, and that was refused. */
export const retryRequests = (about: string, personId: string): void =>
  withoutProblem((errand) => errand.about === about && errand.personId === personId);

/** Makes what others of a person's crew asked for here his own. */
export const takeOverRequests = ({ personId, crewId }: EnteredBy): void => {
  if (crewId === undefined) return;
  write(all().map((errand) => (errand.crewId === crewId ? { ...errand, personId } : errand)));
};

/** How much of others waits to be done here, and how much of it is of the person's own crew. */
export const othersRequests = (who: EnteredBy | null): { readonly all: number; readonly ofCrew: number } => {
  const others = all().filter(({ personId }) => personId !== who?.personId);
  const crewId = who?.crewId;
  return { all: others.length, ofCrew: others.filter((each) => crewId !== undefined && each.crewId === crewId).length };
};

/** Gives an queued request up. */
export const dropRequest = (id: string): void => write(all().filter((errand) => errand.id !== id));

/**
 * Does a person's queued requests in their order, as far as the server is reached; one that it refuses stays, with why.
 * @param waits whether something about a job still has to be sent: what comes after that has to wait
 */
export const sendQueued = async (personId: string, waits: (about: string) => boolean): Promise<void> => {
  for (const errand of queuedRequests(personId).filter(({ id, problem }) => !problem && !underWay.has(id))) {
    if (errand.phase === 'after' && waits(errand.about)) continue;
    underWay.add(errand.id);
    const { path, method, body } = errand;
    const answer = await call(path, { method, body }, errand);
    underWay.delete(errand.id);
    // A fault in one of them holds up no other; where no one answers, no one will.
    if (answer.kind === 'lost' && answer.status === 500) continue;
    if (answer.kind === 'lost') return;
    if (answer.kind === 'ok') dropRequest(errand.id);
    else refused(errand, answer.error);
    tellers.forEach((tell) => tell(errand.about));
  }
};
