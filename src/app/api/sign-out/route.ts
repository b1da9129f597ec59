import { dropSession, sessionToken } from '@/server/access/session-cookie';
import { signOutSchema } from '@/server/http/access-schemas';
import { type Asking, route } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { endSession, endSessionsOf } from '@/server/repositories/sessions';

export const POST = route(
  'sign out',
  'see',
  withBody(signOutSchema, 1000, async ({ everywhere }, request, { principal, scope }: Asking) => {
    if (everywhere) await endSessionsOf(scope, principal.personId);
    else await endSession(scope, sessionToken(request)!);
    return Response.json({ ok: true }, { headers: { 'set-cookie': dropSession() } });
  }),
);
