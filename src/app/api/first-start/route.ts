import { passwordProblem } from '@/core/access/password';
import { handleOf } from '@/core/access/sign-in-name';
import { mayCarryPassword, PLAIN_CONNECTION } from '@/server/access/connection';
import { letIn } from '@/server/access/let-in';
import { hashPassword } from '@/server/access/passwords';
import { inCrew } from '@/server/crew';
import { firstStartSchema } from '@/server/http/access-schemas';
import { openRoute, refuse } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { nameCrew, unnamedCrew } from '@/server/repositories/crews';
import { addPerson } from '@/server/repositories/people';

/** Names the first crew and its lead, once; what was on the server before belongs to it. */
export const POST = openRoute(
  'first start',
  withBody(firstStartSchema, 2000, async ({ crew, name, password }, request) => {
    if (!mayCarryPassword(request)) return refuse(403, PLAIN_CONNECTION);
    const scope = await unnamedCrew();
    if (!scope) return refuse(409, 'This server has its crew already. Sign in, or ask its lead for a link.');
    const handle = handleOf(crew);
    if (!handle) return refuse(400, 'must have a letter or a digit in it', 'crew');
    const problem = passwordProblem(password, [crew, name]);
    if (problem) return refuse(400, problem, 'password');
    const passwordHash = await hashPassword(password);
    const lead = await inCrew(scope, async () => {
      if (!(await nameCrew(scope, crew.trim(), handle))) return null;
      const person = await addPerson(scope, { name: name.trim(), role: 'lead', passwordHash });
      await audit(scope, person.name, 'named the crew', crew.trim());
      return person;
    });
    return lead
      ? letIn(request, scope, lead.id)
      : refuse(409, 'Somebody named the crew in the meantime. Sign in, or ask its lead for a link.');
  }),
);
