import { personSchema } from '@/core/access/forms';
import { ROLES } from '@/core/access/role';
import { type Asking, route } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { audit } from '@/server/repositories/audit';
import { invite } from '@/server/repositories/invitations';
import { addPerson, listPeople } from '@/server/repositories/people';

export const GET = route('list people', 'see', async (_request, { scope }) =>
  Response.json({ people: await listPeople(scope) }),
);

/** Adds a person, with a link that works once. */
export const POST = route(
  'invite',
  'people',
  withBody(personSchema, 1000, async ({ name, role }, _request, { principal, scope }: Asking) => {
    const person = await addPerson(scope, { name: name.trim(), role });
    const token = await invite(scope, person.id);
    await audit(scope, principal.name, `invited as ${ROLES[role].label.toLowerCase()}`, person.name);
    return Response.json({ person, path: `/join/${token}` }, { status: 201 });
  }),
);
