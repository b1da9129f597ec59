import { parseWith } from '../../core/border/parse';
import { idSchema } from '../../core/job/id-schema';
import { log } from '../log';
import { isOutOfRoom, isPassing } from './passing';

/** What an error looks like on the wire: what is wrong, and where. */
export const refuse = (status: number, error: string, path = ''): Response =>
  Response.json({ error, path }, { status });

const MISSING = 'There is no such job. It may have been deleted.';
export const missing = (): Response => refuse(404, MISSING);

/** A fault in plain words: 503 where the same request may succeed later, 500 where it may not. */
const answerTo = (problem: unknown): Response => {
  if (isOutOfRoom(problem))
    return refuse(
      503,
      'The database’s disk is full. What you entered is kept here and will be saved when it has room.',
    );
  return isPassing(problem)
    ? refuse(503, 'The database does not answer. What you entered is kept here and will be saved when it is back.')
    : refuse(500, 'Something went wrong on the server. What you entered is kept here; try again.');
};

/** Wraps a route: logs each answer, and turns a lost database or a fault of ours into plain words. */
export const route =
  <Context>(name: string, handler: (request: Request, context: Context) => Promise<Response>) =>
  async (request: Request, context: Context): Promise<Response> => {
    const startedAt = performance.now();
    let response: Response;
    try {
      response = await handler(request, context);
    } catch (problem) {
      log.error({ route: name, err: problem });
      response = answerTo(problem);
    }
    // What a job holds is nobody's to keep on the way.
    if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
    log.info({
      route: name,
      method: request.method,
      status: response.status,
      ms: Math.round(performance.now() - startedAt),
    });
    return response;
  };

export interface JobContext {
  readonly jobId: string;
}

/** A route below a job; an id that is no UUID is no job. */
export const jobRoute = (name: string, handler: (request: Request, jobId: string) => Promise<Response>) =>
  route(name, async (request: Request, { params }: { params: Promise<JobContext> }) => {
    const id = parseWith(idSchema, (await params).jobId);
    return id.ok ? handler(request, id.value.toLowerCase()) : missing();
  });

const NO_WEATHER = 'There is no such year of weather. It may have been deleted.';
export const noWeather = (): Response => refuse(404, NO_WEATHER);

/** A route for one year of weather; an id that is no UUID is none. */
export const weatherRoute = (name: string, handler: (request: Request, weatherId: string) => Promise<Response>) =>
  route(name, async (request: Request, { params }: { params: Promise<{ weatherId: string }> }) => {
    const id = parseWith(idSchema, (await params).weatherId);
    return id.ok ? handler(request, id.value.toLowerCase()) : noWeather();
  });

/** A file to be kept, named after the job in plain letters. */
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
