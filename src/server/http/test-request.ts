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

/** Who the requests of a test file are from. */
let cookie = '';

/** A cookie of a new person of the tests' crew. */
export const cookieOf = async (role: Role, name = 'tester'): Promise<string> => {
  const { id } = await addPerson(TEST_CREW, { name, role });
  return `${SESSION_COOKIE}=${await beginSession(TEST_CREW, id)}`;
};

/** Signs a new person of the tests' crew in; requests are his from then on. */
export const signInAs = async (role: Role, name?: string): Promise<void> => {
  cookie = await cookieOf(role, name);
};

/** The headers of whoever is signed in. */
export const signedInHeaders = () => ({ cookie });

/** A request as the client sends one: JSON that says so, a POST where there is a body. For tests of routes alone. */
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
