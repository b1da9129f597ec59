import type { ControllerProfile } from './profile';

/** A profile in the Library; `revision` null: shipped, read-only. */
export interface StoredProfile {
  readonly profile: ControllerProfile;
  readonly revision: number | null;
  readonly updatedAt: string | null;
  readonly updatedBy: string;
}
