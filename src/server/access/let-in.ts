import type { Principal } from '../../core/access/principal';
import { parseSignInName, signInName } from '../../core/access/sign-in-name';
import { atWork } from '../along';
import { type CrewScope, inCrew } from '../crew';
import { crewOf } from '../repositories/crews';
import { isKnownDevice, knowDevice } from '../repositories/known-devices';
import { personById } from '../repositories/people';
import { beginSession } from '../repositories/sessions';
import { isSecure } from './connection';
import { deviceToken, keepSession } from './session-cookie';

/**
 * Lets a person in on the device that asks: a new session, whatever cookie came with the request. The answer says who
 * it is: the device is his from then on.
 */
export const letIn = async (request: Request, scope: CrewScope, personId: string): Promise<Response> => {
  const [person, crew] = await inCrew(scope, async () => [await personById(scope, personId), await crewOf(scope)]);
  const principal: Principal = { ...person!, personId, crewId: scope.crewId, crewEnds: crew.deleteAfter };
  const name = parseSignInName(signInName({ person: person!.handle, crew: crew.handle ?? '' }));
  const brought = deviceToken(request);
  const isKnown = brought !== null && name !== null && (await isKnownDevice(brought, name));
  const device = isKnown ? brought : await knowDevice(scope, personId);
  return Response.json(
    { ok: true, who: await atWork(scope, principal) },
    { headers: keepSession(await beginSession(scope, personId), device, isSecure(request)) },
  );
};
