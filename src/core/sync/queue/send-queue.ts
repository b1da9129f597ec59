import type { EnteredBy } from '../../access/entered-by';
import type { Answer } from '../answer';
import type { QueuedRequest } from './queued-request';

/** A device's services for its queue. */
export interface QueuePorts {
  /** All queued requests of the device, oldest first. */
  readonly all: () => readonly QueuedRequest[];
  /** Stores a request, or its new state; throws if there is no space. */
  readonly put: (request: QueuedRequest) => void;
  readonly drop: (id: string) => void;
  /** Sends a request as the person who made it. Never throws: a lost server is an answer. */
  readonly ask: (request: QueuedRequest) => Promise<Answer<unknown>>;
  /** Reports that a request was done or refused, with its subject. */
  readonly onDone: (about: string) => void;
}

/** A person's requests that the server has not done yet; oldest first. */
export const requestsOf = (all: readonly QueuedRequest[], personId: string): QueuedRequest[] =>
  all.filter((request) => request.personId === personId);

/**
 * Whether a person has requests on a job or controller that go before other entries, or after. A refused prerequisite
 * still blocks: what follows it would be refused as well.
 */
export const blocks = (
  all: readonly QueuedRequest[],
  about: string,
  phase: QueuedRequest['phase'],
  personId: string,
): boolean =>
  requestsOf(all, personId).some(
    (request) => request.about === about && request.phase === phase && (phase === 'before' || !request.problem),
  );

/** Why the server refused a job's prerequisite; empty if it did not. */
export const refusalBefore = (all: readonly QueuedRequest[], about: string, personId: string): string => {
  const first = requestsOf(all, personId).find((request) => request.about === about && request.phase === 'before');
  return first?.problem ? `${first.words}: ${first.problem}` : '';
};

/** Other people's requests, and those of them that a person may take over: of the person's own crew. */
export const othersOf = (all: readonly QueuedRequest[], who: EnteredBy | null) => {
  const others = all.filter(({ personId }) => personId !== who?.personId);
  const crewId = who?.crewId;
  return { all: others, ofCrew: others.filter((each) => crewId !== undefined && each.crewId === crewId) };
};

/**
 * Sends a person's queued requests in order, as far as the server is reached; a refused one stays with its reason.
 * @param waits whether other entries on a subject still have to be sent: what comes after them has to wait
 * @param underWay ids of requests that another part of the page is sending
 * @returns whether the server was reached
 */
export const sendAll = async (
  { all, put, drop, ask, onDone }: QueuePorts,
  personId: string,
  waits: (about: string) => boolean,
  underWay: Set<string>,
): Promise<boolean> => {
  for (const request of requestsOf(all(), personId).filter(({ id, problem }) => !problem && !underWay.has(id))) {
    if (request.phase === 'after' && waits(request.about)) continue;
    underWay.add(request.id);
    const answer = await ask(request).finally(() => underWay.delete(request.id));
    // An error in one holds up no other; if the server does not answer one, it will answer none.
    if (answer.kind === 'lost' && answer.status === 500) continue;
    if (answer.kind === 'lost') return false;
    // Discarded here while it was on its way: a refusal does not bring it back.
    const isHere = all().some(({ id }) => id === request.id);
    if (answer.kind === 'ok') drop(request.id);
    else if (isHere) put({ ...request, problem: answer.error });
    onDone(request.about);
  }
  return true;
};
