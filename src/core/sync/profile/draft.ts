import { number, object } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { idSchema } from '../../job/id-schema';
import type { ControllerProfile } from '../../setup/profiles/profile';
import { profileSchema } from '../../setup/profiles/schema';

/** A save, the same until answered. */
export interface SendingProfile {
  readonly saveId: string;
  readonly baseRevision: number | null;
  readonly profile: ControllerProfile;
}

/** Unacknowledged edits of a profile. They survive a reload, a crash and a lost server. */
export interface ProfileDraft {
  readonly baseRevision: number | null;
  readonly profile: ControllerProfile;
  /** The save in progress; missing in drafts of an older version. */
  readonly sending?: SendingProfile | null | undefined;
}

const revision = () => number().integer().min(1).nullable().defined('must be given, or null');

const draftSchema = object({
  baseRevision: revision(),
  profile: profileSchema.required('must be given'),
  sending: object({ saveId: idSchema, baseRevision: revision(), profile: profileSchema.required('must be given') })
    .nullable()
    .default(undefined),
});

/** Reads a profile draft from a device or a file; parts that this version does not know are left out. */
export const readProfileDraft = (value: unknown): Parsed<ProfileDraft> => {
  const parsed = parseWith(draftSchema, value);
  if (!parsed.ok) return parsed;
  const { baseRevision, profile, sending = null } = parsed.value;
  return { ok: true, value: { baseRevision, profile, sending } as unknown as ProfileDraft };
};
