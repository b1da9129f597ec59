import type { Principal } from '../../core/access/principal';
import { type CrewScope, inCrew, scopeOf } from '../crew';
import { atWork } from '../job-bundle';
import { crewOf } from '../repositories/crews';
import { isKnownDevice, knowDevice } from '../repositories/known-devices';
import { personById } from '../repositories/people';
import { beginSession, endSession, principalByToken } from '../repositories/sessions';
import { isSecure } from './connection';
import { deviceToken, keepSession, sessionToken, sessionTokenKept } from './session-cookie';

/** Ends the session of someone who signed out on this device offline: the server learns of it now. */
const endLeft = async (request: Request): Promise<void> => {
  const token = sessionTokenKept(request);
  if (token === null || sessionToken(request) !== null) return;
  const left = await principalByToken(token);
  if (left) await endSession(scopeOf(left), token);
};

/**
 * Signs a person in on the requesting device: a new session, whatever cookie came with the request. The answer names
 * the person, who owns the device from then on.
 */
export const letIn = async (request: Request, scope: CrewScope, personId: string): Promise<Response> => {
  await endLeft(request);
  const [person, crew] = await inCrew(scope, async () => [await personById(scope, personId), await crewOf(scope)]);
  const principal: Principal = { ...person!, personId, crewId: scope.crewId, crewEnds: crew.deleteAfter };
  const brought = deviceToken(request);
  const name = { person: person!.handle, crew: crew.handle ?? '' };
  const isKnown = brought !== null && (await isKnownDevice(brought, name));
  const device = isKnown ? brought : await knowDevice(scope, personId);
  return Response.json(
    { ok: true, who: await atWork(scope, principal) },
    { headers: keepSession(await beginSession(scope, personId), device, isSecure(request)) },
  );
};
