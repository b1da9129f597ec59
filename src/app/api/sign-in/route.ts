import { signInSchema } from '@/core/access/forms';
import { parseSignInName, signInName } from '@/core/access/sign-in-name';
import { addressOf, mayCarryPassword, PLAIN_CONNECTION } from '@/server/access/connection';
import { letIn } from '@/server/access/let-in';
import { isPassword } from '@/server/access/passwords';
import { deviceToken } from '@/server/access/session-cookie';
import { scopeOf } from '@/server/crew';
import { openRoute, refuse } from '@/server/http/respond';
import { withBody } from '@/server/http/with-body';
import { crewByHandle } from '@/server/repositories/crews';
import { isKnownDevice } from '@/server/repositories/known-devices';
import { personByHandle } from '@/server/repositories/people';
import { ATTEMPTS_MIN, clearAttempts, countAttempt, deleteOldAttempts } from '@/server/repositories/sign-in-attempts';

/** The same answer for an unknown name and a wrong password. */
const WRONG = 'Wrong name or password. The sign-in name has two parts, such as ana@your-crew.';

export const POST = openRoute(
  'sign in',
  withBody(signInSchema, 2000, async ({ name, password }, request) => {
    if (!mayCarryPassword(request)) return refuse(403, PLAIN_CONNECTION);
    const asked = parseSignInName(name);
    const device = deviceToken(request);
    const tried = {
      name: asked ? signInName(asked) : name,
      address: addressOf(request),
      knownDevice: asked && device !== null && (await isKnownDevice(device, asked)) ? device : null,
    };
    const heard = await countAttempt(tried);
    if (!heard)
      return refuse(429, `Too many attempts. Wait ${ATTEMPTS_MIN} minutes, or ask your crew lead for a link.`);
    const crew = asked && (await crewByHandle(asked.crew));
    const scope = crew && scopeOf({ crewId: crew.id });
    const person = scope && (await personByHandle(scope, asked.person));
    const isRight = await isPassword(password, person?.passwordHash ?? null);
    if (!scope || !person || !isRight) {
      await deleteOldAttempts();
      return refuse(401, WRONG);
    }
    await clearAttempts(tried, heard);
    return letIn(request, scope, person.id);
  }),
);
