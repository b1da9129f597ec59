import type { Principal } from '../../core/access/principal';
import { principalByToken } from '../repositories/sessions';
import { sessionToken } from './session-cookie';

/** Who sends a request; null where no one is signed in. */
export const principalOf = async (request: Request): Promise<Principal | null> => {
  const token = sessionToken(request);
  return token ? principalByToken(token) : null;
};
