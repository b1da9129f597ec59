import { SHIPPED_PROFILES } from '.';
import type { StoredProfile } from './stored-profile';

/** The controllers that ship, as the Library lists them. */
export const SHIPPED_STORED: readonly StoredProfile[] = SHIPPED_PROFILES.map((profile) => ({
  profile,
  revision: null,
  updatedAt: null,
  updatedBy: '',
}));
