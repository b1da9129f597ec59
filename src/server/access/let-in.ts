import type { CrewScope } from '../crew';
import { beginSession } from '../repositories/sessions';
import { isSecure } from './connection';
import { keepSession } from './session-cookie';

/** Lets a person in on the device that asks: a new session, whatever cookie came with the request. */
export const letIn = async (request: Request, scope: CrewScope, personId: string): Promise<Response> =>
  Response.json(
    { ok: true },
    { headers: { 'set-cookie': keepSession(await beginSession(scope, personId), isSecure(request)) } },
  );
