import type { Principal } from '../../core/access/principal';
import { principalByToken } from '../repositories/sessions';
import { sessionToken } from './session-cookie';

/** The sender of a request; null if not signed in. */
export const principalOf = async (request: Request): Promise<Principal | null> => {
  const token = sessionToken(request);
  return token ? principalByToken(token) : null;
};
