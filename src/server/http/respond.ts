import { randomUUID } from 'node:crypto';
import { SIGN_IN_FIRST, SOMEBODY_ELSE } from '../../core/access/entered-by';
import { type Action, may } from '../../core/access/may';
import type { Principal } from '../../core/access/principal';
import { parseWith } from '../../core/border/parse';
import { idSchema } from '../../core/job/id-schema';
import { principalOf } from '../access/principal-of';
import { type CrewScope, scopeOf } from '../crew';
import { log } from '../log';
import { JobFull } from '../repositories/job-full';
import { isAnotherPersons } from './entered-by';
import { isOutOfSpace, isTransient } from './passing';

/** JSON of an error: what is wrong, and where. */
export const refuse = (status: number, error: string, path = ''): Response =>
  Response.json({ error, path }, { status });

const MISSING = 'There is no such job. It may have been deleted.';
export const missing = (): Response => refuse(404, MISSING);

/** An internal error in plain words: 503 if a retry may succeed, else 500. */
const answerTo = (problem: unknown): Response => {
  if (problem instanceof JobFull) return refuse(409, problem.message);
  if (isOutOfSpace(problem))
    return refuse(
      503,
      'The server disk is full. Your entries are saved on this device and will be sent when there is space.',
    );
  return isTransient(problem)
    ? refuse(
        503,
        'The database is not responding. Your entries are saved on this device and will be sent when it is back.',
      )
    : refuse(500, 'Something went wrong on the server. What you entered is saved on this device; try again.');
};

/** Log fields of a request besides its route: never its content. */
interface Said {
  readonly request: string;
  crew?: string;
}

/** Answers a request whatever goes wrong: a lost database or internal error becomes plain words and is logged. */
const answered = async (
  name: string,
  request: Request,
  handle: (said: Said) => Promise<Response>,
): Promise<Response> => {
  const startedAt = performance.now();
  const said: Said = { request: randomUUID() };
  let response: Response;
  try {
    response = await handle(said);
  } catch (problem) {
    if (!(problem instanceof JobFull)) log.error({ route: name, ...said, err: problem });
    response = answerTo(problem);
  }
  // Job data is not to be cached on the way.
  if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
  response.headers.set('x-request-id', said.request);
  log.info({
    route: name,
    ...said,
    method: request.method,
    status: response.status,
    ms: Math.round(performance.now() - startedAt),
  });
  return response;
};

/** The requester, and the visible rows. */
export interface Asking {
  readonly principal: Principal;
  readonly scope: CrewScope;
}

const MAY_NOT = 'You can view this but not change it. Ask your crew lead.';

/** Access rule of a route, readable by the test that checks all routes. */
export interface Ruled {
  readonly rule: Action | 'anyone';
}

/** A route for signed-in people with a given right. */
export const route = <Context>(
  name: string,
  rule: Action,
  handler: (request: Request, context: Context & Asking) => Promise<Response>,
) =>
  Object.assign(
    (request: Request, context: Context): Promise<Response> =>
      answered(name, request, async (said) => {
        const principal = await principalOf(request);
        if (!principal) return refuse(401, SIGN_IN_FIRST);
        if (isAnotherPersons(request, principal)) return refuse(401, SOMEBODY_ELSE);
        said.crew = principal.crewId;
        if (!may(principal, rule)) return refuse(403, MAY_NOT);
        return handler(request, { ...context, principal, scope: scopeOf(principal) });
      }),
    { rule } satisfies Ruled,
  );

/** A public route: its data belongs to no one, or it signs people in. */
export const openRoute = (name: string, handler: (request: Request, context: null) => Promise<Response>) =>
  Object.assign((request: Request): Promise<Response> => answered(name, request, () => handler(request, null)), {
    rule: 'anyone',
  } satisfies Ruled);

export interface JobContext extends Asking {
  readonly jobId: string;
}

/** A route below a job; an id that is not a UUID is not a job. */
export const jobRoute = (
  name: string,
  rule: Action,
  handler: (request: Request, context: JobContext) => Promise<Response>,
) =>
  route(
    name,
    rule,
    async (request: Request, { params, ...asking }: { params: Promise<{ jobId: string }> } & Asking) => {
      const id = parseWith(idSchema, (await params).jobId);
      return id.ok ? handler(request, { ...asking, jobId: id.value.toLowerCase() }) : missing();
    },
  );

const NO_WEATHER = 'That weather file does not exist. It may have been deleted.';
export const noWeather = (): Response => refuse(404, NO_WEATHER);

export interface WeatherContext extends Asking {
  readonly weatherId: string;
}

/** A route for one year of weather; an id that is not a UUID is not one. */
export const weatherRoute = (
  name: string,
  rule: Action,
  handler: (request: Request, context: WeatherContext) => Promise<Response>,
) =>
  route(
    name,
    rule,
    async (request: Request, { params, ...asking }: { params: Promise<{ weatherId: string }> } & Asking) => {
      const id = parseWith(idSchema, (await params).weatherId);
      return id.ok ? handler(request, { ...asking, weatherId: id.value.toLowerCase() }) : noWeather();
    },
  );

const encoder = new TextEncoder();

/** A streamed file, so that a slow reader blocks nothing and a large file needs no memory. */
export const streamed = (
  parts: AsyncGenerator<string, void, void>,
  headers: Readonly<Record<string, string>>,
): Response =>
  new Response(
    new ReadableStream<Uint8Array>({
      pull: async (out) => {
        const { value, done } = await parts.next();
        if (done) out.close();
        else out.enqueue(encoder.encode(value));
      },
      cancel: async () => void (await parts.return(undefined)),
    }),
    { headers },
  );

/** A download, named after the job in ASCII. */
export const download = (body: string, type: string, title: string, extension: string): Response => {
  const name =
    title
      .normalize('NFKD')
      .replace(/[^\w -]+/g, '')
      .trim()
      .replace(/\s+/g, '-')
      .toLowerCase() || 'job';
  return new Response(body, {
    headers: { 'Content-Type': type, 'Content-Disposition': `attachment; filename="${name}.${extension}"` },
  });
};
