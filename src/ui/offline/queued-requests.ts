import type { EnteredBy } from '@/core/access/entered-by';
import { call } from '../requests/api';
import { dropSafe, saveSafe } from '../storage/safe-storage';

/** A request to the server for later, under a device-made id: done once. */
export interface QueuedRequest {
  readonly id: string;
  /** Its subject: a job, a controller, a weather year. Other entries on that go before or after it. */
  readonly about: string;
  /** Who requested it, and their crew; it is sent only as that person. */
  readonly personId: string;
  readonly crewId?: string | undefined;
  /** Whether it is sent before other entries on its subject, as when a job begins, or after them. */
  readonly phase: 'before' | 'after';
  /** Description in words. */
  readonly words: string;
  readonly path: string;
  readonly method: 'POST' | 'PUT';
  readonly body: unknown;
  /** When it was requested, ms. */
  readonly at: number;
  /** Why the server refused it; it stays for review. */
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

/** A person's requests on this device that the server has not done yet; oldest first. */
export const queuedRequests = (personId: string): QueuedRequest[] =>
  all().filter((errand) => errand.personId === personId);

/**
 * Whether a person has requests on a job or controller that go before other entries, or after. A refused prerequisite
 * still blocks: what follows it would be refused as well.
 */
export const isQueued = (about: string, phase: QueuedRequest['phase'], personId: string): boolean =>
  queuedRequests(personId).some(
    (errand) => errand.about === about && errand.phase === phase && (phase === 'before' || !errand.problem),
  );

/** Why the server refused a job's prerequisite; empty if it did not. */
export const refusedBefore = (about: string, personId: string): string => {
  const stands = queuedRequests(personId).find((errand) => errand.about === about && errand.phase === 'before');
  return stands?.problem ? `${stands.words}: ${stands.problem}` : '';
};

/**
 * Queues a request until the server is reached.
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

/** Requests in progress: another part of the page does not send them too. */
const underWay = new Set<string>();

const tellers = new Set<(about: string) => void>();

/** Notifies when a queued request is done or refused, with its subject. Returns how to stop. */
export const onRequestDone = (tell: (about: string) => void): (() => void) => {
  tellers.add(tell);
  return () => tellers.delete(tell);
};

const withoutProblem = (which: (errand: QueuedRequest) => boolean): void => {
  if (all().some((errand) => errand.problem && which(errand)))
    write(all().map(({ problem, ...errand }) => (!problem || which(errand) ? errand : { ...errand, problem })));
};

/** Retries a refused request with everything else that waits. */
export const retryRequest = (id: string): void => withoutProblem((errand) => errand.id === id);

/** Retries all of a person's refused requests on a job. */
export const retryRequests = (about: string, personId: string): void =>
  withoutProblem((errand) => errand.about === about && errand.personId === personId);

/** Takes over requests of others in a person's crew. */
export const takeOverRequests = ({ personId, crewId }: EnteredBy): void => {
  if (crewId === undefined) return;
  write(all().map((errand) => (errand.crewId === crewId ? { ...errand, personId } : errand)));
};

/** Number of other people's waiting requests here, and how many are of the person's own crew. */
export const othersRequests = (who: EnteredBy | null): { readonly all: number; readonly ofCrew: number } => {
  const others = all().filter(({ personId }) => personId !== who?.personId);
  const crewId = who?.crewId;
  return { all: others.length, ofCrew: others.filter((each) => crewId !== undefined && each.crewId === crewId).length };
};

/** Drops a queued request. */
export const dropRequest = (id: string): void => write(all().filter((errand) => errand.id !== id));

/**
 * Sends a person's queued requests in order, as far as the server is reached; a refused one stays with its reason.
 * @param waits whether something about a job still has to be sent: what comes after that has to wait
 */
export const sendQueued = async (personId: string, waits: (about: string) => boolean): Promise<void> => {
  for (const errand of queuedRequests(personId).filter(({ id, problem }) => !problem && !underWay.has(id))) {
    if (errand.phase === 'after' && waits(errand.about)) continue;
    underWay.add(errand.id);
    const { path, method, body } = errand;
    const answer = await call(path, { method, body }, errand);
    underWay.delete(errand.id);
    // An error in one holds up no other; if the server does not answer one, it will answer none.
    if (answer.kind === 'lost' && answer.status === 500) continue;
    if (answer.kind === 'lost') return;
    if (answer.kind === 'ok') dropRequest(errand.id);
    else refused(errand, answer.error);
    tellers.forEach((tell) => tell(errand.about));
  }
};
