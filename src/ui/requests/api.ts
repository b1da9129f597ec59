import type { EnteredBy } from '@/core/access/entered-by';
import type { Answer, NotOk } from '@/core/sync/answer';
import { actingHeaders } from './acting-user';

/** Whether a retry may succeed later: signed out, timeout, rate limit, server error, no database. */
const mayPass = (status: number): boolean => [401, 408, 429].includes(status) || status >= 500;

const LOST = 'The server is not responding.';

/**
 * Sends a request and parses the JSON answer. Never throws: a lost server is an answer.
 * @param by who entered what is sent; omitted: the page's person
 */
export const call = async <T>(
  path: string,
  init: { method: string; body?: unknown; text?: string } = { method: 'GET' },
  by?: EnteredBy,
): Promise<Answer<T>> => {
  const body = init.text ?? (init.body === undefined ? undefined : JSON.stringify(init.body));
  try {
    const response = await fetch(path, {
      method: init.method,
      headers: { ...actingHeaders(by), ...(body === undefined ? {} : { 'content-type': 'application/json' }) },
      ...(body === undefined ? {} : { body }),
    });
    const answer = (await response.json().catch(() => undefined)) as unknown;
    // Something between here and the server answered, as the sign-in page of a public network does.
    if (response.ok && answer === undefined) return { kind: 'lost', error: LOST };
    if (response.ok) return { kind: 'ok', value: answer as T };
    const { error = `The server refused (${response.status}).`, path: where = '' } = (answer ?? {}) as {
      error?: string;
      path?: string;
    };
    return mayPass(response.status)
      ? { kind: 'lost', error, status: response.status }
      : { kind: 'refused', status: response.status, error, path: where, body: answer };
  } catch {
    return { kind: 'lost', error: LOST };
  }
};

/**
 * Message for something that was not done and is not queued.
 * @param what was not done, as a sentence
 */
export const failedWords = (what: string, { kind, error }: NotOk): string =>
  kind === 'lost' ? `${what} ${error} Try again when the server is back.` : `${what} ${error}`;
