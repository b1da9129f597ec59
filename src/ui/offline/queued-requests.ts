import type { EnteredBy } from '@/core/access/entered-by';
import type { Answer } from '@/core/sync/answer';
import { type QueuedRequest, readQueuedRequest } from '@/core/sync/queue/queued-request';
import type { NewRequest } from '@/core/sync/queue/requests';
import { blocks, othersOf, type QueuePorts, refusalBefore, requestsOf, sendAll } from '@/core/sync/queue/send-queue';
import { call } from '../requests/api';
import { KEYS } from '../storage/keys';
import { dropSafe } from '../storage/safe-storage';
import { keysWith, readStored, saveStored } from '../storage/stored';
import { upgradeStorage } from '../storage/upgrade';

const keyOf = (id: string) => KEYS.requests + id;

const all = (): QueuedRequest[] => {
  upgradeStorage();
  return keysWith(KEYS.requests)
    .flatMap((key) => readStored(key, readQueuedRequest) ?? [])
    .sort((a, b) => a.at - b.at);
};

const put = (request: QueuedRequest): boolean => saveStored(keyOf(request.id), request);

/** Drops a queued request. */
export const dropRequest = (id: string): void => dropSafe(keyOf(id));

/** A person's requests on this device that the server has not done yet; oldest first. */
export const queuedRequests = (personId: string): QueuedRequest[] => requestsOf(all(), personId);

/** Whether a person has requests on a subject that go before other entries, or after. */
export const isQueued = (about: string, phase: QueuedRequest['phase'], personId: string): boolean =>
  blocks(all(), about, phase, personId);

/** Why the server refused a job's prerequisite; empty if it did not. */
export const refusedBefore = (about: string, personId: string): string => refusalBefore(all(), about, personId);

/**
 * Time of the next request, ms: later than that of all others here, so that they keep their order whatever the clock
 * does.
 */
const nextAt = (): number => Math.max(Date.now(), (all().at(-1)?.at ?? 0) + 1);

/**
 * Queues a request until the server is reached.
 * @returns false where the device has no room for it
 */
export const queueRequest = (request: NewRequest): boolean => put({ ...request, at: nextAt() });

/** Adds a request of another device as it is; false if there is no space. */
export const addRequest = (request: QueuedRequest): boolean => put(request);

const tellers = new Set<(about: string) => void>();

/** Notifies when a queued request is done or refused, with its subject. Returns how to stop. */
export const onRequestDone = (tell: (about: string) => void): (() => void) => {
  tellers.add(tell);
  return () => tellers.delete(tell);
};

const withoutProblem = (which: (request: QueuedRequest) => boolean): void =>
  all()
    .filter((request) => request.problem && which(request))
    .forEach(({ problem: _, ...request }) => put(request));

/** Retries a refused request with everything else that waits. */
export const retryRequest = (id: string): void => withoutProblem((request) => request.id === id);

/** Retries all of a person's refused requests on a job. */
export const retryRequests = (about: string, personId: string): void =>
  withoutProblem((request) => request.about === about && request.personId === personId);

/** Takes over requests of others in a person's crew. */
export const takeOverRequests = (who: EnteredBy): void =>
  othersOf(all(), who).ofCrew.forEach((request) => put({ ...request, personId: who.personId }));

/** Number of other people's waiting requests here, and how many are of the person's own crew. */
export const othersRequests = (who: EnteredBy | null): { readonly all: number; readonly ofCrew: number } => {
  const others = othersOf(all(), who);
  return { all: others.all.length, ofCrew: others.ofCrew.length };
};

const underWay = new Set<string>();

const PORTS: QueuePorts = {
  all,
  put,
  drop: dropRequest,
  ask: (request) => call(request.path, { method: request.method, body: request.body }, request),
  onDone: (about) => tellers.forEach((tell) => tell(about)),
};

/**
 * Sends a person's queued requests in order, as far as the server is reached; a refused one stays with its reason.
 * @param waits whether other entries on a subject still have to be sent: what comes after them has to wait
 * @returns whether the server was reached
 */
export const sendQueued = (personId: string, waits: (about: string) => boolean): Promise<boolean> =>
  sendAll(PORTS, personId, waits, underWay);

/**
 * Sends a request now, or as soon as the server is reached. It is on the device before it is sent, so that a page that
 * goes meanwhile loses nothing.
 * @returns the answer; `queued` without one, where the request waits here
 */
export const sendOrQueue = async <T>(request: NewRequest): Promise<Answer<T> | { readonly kind: 'queued' }> => {
  const isHere = queueRequest(request);
  if (isHere && request.phase === 'after' && isQueued(request.about, 'before', request.personId))
    return { kind: 'queued' };
  underWay.add(request.id);
  const answer = await call<T>(
    request.path,
    { method: request.method, body: request.body },
    request.personId ? request : undefined,
  ).finally(() => underWay.delete(request.id));
  if (answer.kind === 'lost') return isHere ? { kind: 'queued' } : answer;
  dropRequest(request.id);
  return answer;
};
