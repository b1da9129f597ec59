import type { ControllerProfile } from './profile';

/** A profile as the Library keeps it; `revision` null: it ships with the application and is not changed. */
export interface StoredProfile {
  readonly profile: ControllerProfile;
  readonly revision: number | null;
  readonly updatedAt: string | null;
  readonly updatedBy: string;
}
