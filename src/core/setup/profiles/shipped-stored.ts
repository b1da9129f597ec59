import { SHIPPED_PROFILES } from '.';
import type { StoredProfile } from './stored-profile';

/** The shipped controllers, as listed in the Library. */
export const SHIPPED_STORED: readonly StoredProfile[] = SHIPPED_PROFILES.map((profile) => ({
  profile,
  revision: null,
  updatedAt: null,
  updatedBy: '',
}));
