import type { Role } from '../../core/access/role';
import { SESSION_COOKIE } from '../access/session-cookie';
import { addPerson } from '../repositories/people';
import { beginSession } from '../repositories/sessions';
import { TEST_CREW } from '../repositories/test-jobs';

interface Sent {
  readonly method?: string;
  readonly query?: string;
  /** Content type of the body. */
  readonly type?: string;
}

/** Sender of a test file's requests. */
let cookie = '';

/** Session cookie of a new person in the test crew. */
export const cookieOf = async (role: Role, name = 'tester'): Promise<string> => {
  const { id } = await addPerson(TEST_CREW, { name, role });
  return `${SESSION_COOKIE}=${await beginSession(TEST_CREW, id)}`;
};

/** Signs in a new person of the test crew, who then sends the requests. */
export const signInAs = async (role: Role, name?: string): Promise<void> => {
  cookie = await cookieOf(role, name);
};

/** Headers of the signed-in person. */
export const signedInHeaders = () => ({ cookie });

/** A request as the client sends it: JSON, and POST if it has a body. For route tests only. */
export const testRequest = (
  body?: unknown,
  { method = 'POST', query = '', type = 'application/json' }: Sent = {},
): Request =>
  new Request(
    `http://test.local/${query}`,
    body === undefined
      ? { headers: signedInHeaders() }
      : {
          method,
          headers: { 'content-type': type, ...signedInHeaders() },
          body: typeof body === 'string' ? body : JSON.stringify(body),
        },
  );
