import { isId } from '@/core/job/id-schema';
import { personChangeSchema } from '@/server/http/access-schemas';
import { type Asking, refuse, route } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { invite } from '@/server/repositories/invitations';
import { changePerson, erasePerson, listPeople } from '@/server/repositories/people';
import { endSessionsOf } from '@/server/repositories/sessions';

interface Context {
  readonly params: Promise<{ readonly personId: string }>;
}

const nobody = () => refuse(404, 'No one by that name is in this crew.');

export const POST = route<Context>(
  'change person',
  'people',
  withBody(
    personChangeSchema,
    1000,
    async ({ action, role }, _request, { params, principal, scope }: Context & Asking) => {
      const { personId } = await params;
      const person = isId(personId) && (await listPeople(scope)).find(({ id }) => id === personId.toLowerCase());
      if (!person) return nobody();
      if (action === 'forget') {
        if (!(await erasePerson(scope, person.id)))
          return refuse(409, 'Remove them from the crew first, then erase their data.');
        await audit(scope, principal.name, 'removed the data of', person.name);
        return Response.json({ ok: true });
      }
      if (person.leftAt !== null) return nobody();
      if (action === 'link') {
        const token = await invite(scope, person.id);
        await audit(scope, principal.name, 'made a link for', person.name);
        return Response.json({ path: `/join/${token}` });
      }
      if (action === 'sign-out') {
        await endSessionsOf(scope, person.id);
        await audit(scope, principal.name, 'signed out everywhere', person.name);
        return Response.json({ ok: true });
      }
      if (action === 'role' && role === undefined) return refuse(400, 'must be given', 'role');
      const change = await changePerson(scope, person.id, action === 'role' ? role! : null);
      if (change === 'missing') return nobody();
      if (change === 'last-lead')
        return refuse(409, 'A crew needs at least one crew lead. Make someone else crew lead first.');
      await audit(scope, principal.name, action === 'role' ? `made ${role}` : 'removed from the crew', person.name);
      return Response.json({ ok: true });
    },
  ),
);
