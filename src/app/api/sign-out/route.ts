import { dropSession, sessionTokenKept } from '@/server/access/session-cookie';
import { scopeOf } from '@/server/crew';
import { signOutSchema } from '@/server/http/access-schemas';
import { openRoute } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { endSession, endSessionsOf, principalByToken } from '@/server/repositories/sessions';

/** Ends a session; if it has already ended, removes its cookie. */
export const POST = openRoute(
  'sign out',
  withBody(signOutSchema, 1000, async ({ everywhere }, request) => {
    const token = sessionTokenKept(request);
    const principal = token === null ? null : await principalByToken(token);
    if (token !== null && principal) {
      const scope = scopeOf(principal);
      if (everywhere) await endSessionsOf(scope, principal.personId);
      else await endSession(scope, token);
    }
    return Response.json({ ok: true }, { headers: dropSession() });
  }),
);
