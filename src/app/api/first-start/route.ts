import { firstStartSchema } from '@/core/access/forms';
import { passwordProblem } from '@/core/access/password';
import { handleOf } from '@/core/access/sign-in-name';
import { mayCarryPassword, PLAIN_CONNECTION } from '@/server/access/connection';
import { letIn } from '@/server/access/let-in';
import { hashPassword } from '@/server/access/passwords';
import { inFirstCrew, isFirstStart } from '@/server/crew';
import { openRoute, refuse } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { nameCrew } from '@/server/repositories/crews';
import { addPerson } from '@/server/repositories/people';

const HAS_CREW = 'This server already has a crew. Sign in, or ask the crew lead for a link.';

/** Names the first crew and its crew lead while there is no crew; existing data becomes theirs. */
export const POST = openRoute(
  'first start',
  withBody(firstStartSchema, 2000, async ({ crew, name, password }, request) => {
    if (!mayCarryPassword(request)) return refuse(403, PLAIN_CONNECTION);
    if (!(await isFirstStart())) return refuse(409, HAS_CREW);
    const handle = handleOf(crew);
    if (!handle) return refuse(400, 'must have a letter or a digit in it', 'crew');
    const problem = passwordProblem(password, [crew, name]);
    if (problem) return refuse(400, problem, 'password');
    const passwordHash = await hashPassword(password);
    const begun = await inFirstCrew(async (scope) => {
      await nameCrew(scope, crew.trim(), handle);
      const lead = await addPerson(scope, { name: name.trim(), role: 'lead', passwordHash });
      await audit(scope, lead.name, 'named the crew', crew.trim());
      return { scope, lead };
    });
    return begun ? letIn(request, begun.scope, begun.lead.id) : refuse(409, HAS_CREW);
  }),
);
