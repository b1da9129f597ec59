import { passwordProblem } from '@/core/access/password';
import { mayCarryPassword, PLAIN_CONNECTION } from '@/server/access/connection';
import { letIn } from '@/server/access/let-in';
import { hashPassword } from '@/server/access/passwords';
import { joinSchema } from '@/server/http/access-schemas';
import { openRoute, refuse } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { acceptInvitation, invitedBy } from '@/server/repositories/invitations';

const USED = 'This link no longer works. It was already used or has expired. Ask your crew lead for a new one.';

/** Sets a password by a link, and signs the person in. */
export const POST = openRoute(
  'join',
  withBody(joinSchema, 2000, async ({ token, password }, request) => {
    if (!mayCarryPassword(request)) return refuse(403, PLAIN_CONNECTION);
    const invited = await invitedBy(token);
    if (!invited) return refuse(410, USED);
    const problem = passwordProblem(password, [invited.name, invited.crewName]);
    if (problem) return refuse(400, problem, 'password');
    if (!(await acceptInvitation(invited, token, await hashPassword(password)))) return refuse(410, USED);
    await audit(invited.scope, invited.name, 'chose a password', invited.name);
    return letIn(request, invited.scope, invited.personId);
  }),
);
