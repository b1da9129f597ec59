import { mixed, number, object, string } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { plainText } from '../../border/schema';

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
  readonly problem?: string | undefined;
}

const ID = '[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}';

/** Requests that may wait, by kind. No other request is sent from the queue, wherever it comes from. */
const KINDS = {
  'new job': ['POST', '/api/jobs'],
  'job file': ['POST', `/api/jobs/import\\?copyId=${ID}`],
  'job action': ['POST', `/api/jobs/${ID}/move`],
  note: ['POST', `/api/jobs/${ID}/notes`],
  controller: ['PUT', '/api/profiles'],
  weather: ['POST', '/api/weather'],
  practice: ['POST', '/api/practice'],
} as const satisfies Readonly<Record<string, readonly [QueuedRequest['method'], string]>>;

/** What a queued request is for. */
export type RequestKind = keyof typeof KINDS;

export const REQUEST_KINDS = Object.keys(KINDS) as RequestKind[];

/** Kind of a request; null: none that may wait. */
export const kindOfRequest = ({ method, path }: Pick<QueuedRequest, 'method' | 'path'>): RequestKind | null =>
  REQUEST_KINDS.find((kind) => KINDS[kind][0] === method && new RegExp(`^${KINDS[kind][1]}$`, 'i').test(path)) ?? null;

const MOST_WORDS = 400;

const requestSchema = object({
  id: plainText(80).required('must be given'),
  about: plainText(80).required('must name its subject'),
  // Empty in what a device stored before anyone signed in on it.
  personId: plainText(80).defined('must name a person'),
  crewId: plainText(80).optional(),
  phase: string()
    .oneOf(['before', 'after'] as const)
    .required('must be before or after'),
  words: plainText(MOST_WORDS).required('must be given'),
  path: string().required('must be given'),
  method: string()
    .oneOf(['POST', 'PUT'] as const)
    .required('must be POST or PUT'),
  body: mixed().defined('must be given'),
  at: number().required('must be given'),
  problem: plainText(MOST_WORDS * 10).optional(),
}).test('kind', 'is no request that may wait', (request) => kindOfRequest(request) !== null);

/** Reads a queued request from a device or a file. */
export const readQueuedRequest = (value: unknown): Parsed<QueuedRequest> =>
  parseWith<QueuedRequest>(requestSchema as never, value);
