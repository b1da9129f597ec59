import { letIn } from '@/server/access/let-in';
import { isDemo } from '@/server/config';
import { scopeOf } from '@/server/crew';
import { demoSchema } from '@/server/http/access-schemas';
import { openRoute, refuse } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { crewByHandle } from '@/server/repositories/crews';
import { listPeople } from '@/server/repositories/people';

/** One-tap sign-in for people of made-up crews, only if the application was started as a demo. */
export const POST = openRoute(
  'sign in to the demo',
  withBody(demoSchema, 1000, async ({ crew: handle, person: personId }, request) => {
    const crew = isDemo() ? await crewByHandle(handle) : null;
    if (!crew?.isDemo) return refuse(404, 'There is no demo here. Sign in with a name and a password.');
    const scope = scopeOf({ crewId: crew.id });
    const person = (await listPeople(scope)).find(({ id, leftAt }) => id === personId.toLowerCase() && leftAt === null);
    return person ? letIn(request, scope, person.id) : refuse(404, 'No one by that name is in this crew.');
  }),
);
