import type { Answer, NotOk } from '@/core/sync/answer';

/** Answers after which the same may succeed: signed out, late, too many, a gateway without its server, no database. */
const MAY_PASS = new Set([401, 408, 429, 502, 503, 504]);

const LOST = 'The server does not answer.';

/** Sends a request and reads the JSON answer. It never throws: a lost server is an answer. */
export const call = async <T>(
  path: string,
  init: { method: string; body?: unknown; text?: string } = { method: 'GET' },
): Promise<Answer<T>> => {
  const body = init.text ?? (init.body === undefined ? undefined : JSON.stringify(init.body));
  try {
    const response = await fetch(path, {
      method: init.method,
      ...(body === undefined ? {} : { body, headers: { 'content-type': 'application/json' } }),
    });
    const answer = (await response.json().catch(() => null)) as unknown;
    if (response.ok) return { kind: 'ok', value: answer as T };
    const { error = `The server refused (${response.status}).`, path: where = '' } = (answer ?? {}) as {
      error?: string;
      path?: string;
    };
    return MAY_PASS.has(response.status)
      ? { kind: 'lost', error }
      : { kind: 'refused', status: response.status, error, path: where, body: answer };
  } catch {
    return { kind: 'lost', error: LOST };
  }
};

/**
 * What to say of something that was not done, and that nothing keeps.
 * @param what was not done, as a sentence
 */
export const notDone = (what: string, { kind, error }: NotOk): string =>
  kind === 'lost' ? `${what} ${error} Try again when it does.` : `${what} ${error}`;
