import { Transaction } from 'sequelize';
import type { ControllerProfile } from '../../core/setup/profiles/profile';
import type { StoredProfile } from '../../core/setup/profiles/stored-profile';
import { type CrewScope, inCrew } from '../crew';
import { models } from '../models';
import type { ProfileRow } from '../models/profile';
import { rememberSave, savedBefore } from './saves';

const toStored = ({ document, revision, updatedAt, updatedBy }: ProfileRow): StoredProfile => ({
  profile: document,
  revision,
  updatedAt: updatedAt.toISOString(),
  updatedBy,
});

/** The crew's own profiles, by name. */
export const listProfiles = (scope: CrewScope): Promise<StoredProfile[]> =>
  inCrew(scope, async () =>
    (await models().ProfileRow.findAll({ where: { deletedAt: null }, order: [['name', 'ASC']] })).map(toStored),
  );

/** Maximum profiles of a crew; existing ones stay, and are exported. */
export const MOST_PROFILES = 500;

/** One of the crew's own profiles; null if none. */
export const getProfile = (scope: CrewScope, id: string): Promise<StoredProfile | null> =>
  inCrew(scope, async () => {
    const row = await models().ProfileRow.findOne({ where: { id, deletedAt: null } });
    return row && toStored(row);
  });

export interface ProfileSave {
  readonly saveId: string;
  /** The edited revision; null: a new profile. */
  readonly baseRevision: number | null;
  readonly profile: ControllerProfile;
  readonly author: string;
}

export type ProfileSaveResult =
  { readonly kind: 'saved' | 'stale'; readonly stored: StoredProfile } | { readonly kind: 'missing' };

/**
 * Saves a profile, new or based on a revision. On any other revision the save is refused and nothing changes; the same
 * save sent again is the stored one. The id of a deleted profile is not reused.
 */
export const saveProfile = (
  scope: CrewScope,
  { saveId, baseRevision, profile, author }: ProfileSave,
): Promise<ProfileSaveResult> => {
  const { ProfileRow } = models();
  const columns = { document: profile, name: profile.name, role: profile.role, updatedBy: author };
  const name = { kind: 'profile', subject: profile.id, saveId } as const;
  return inCrew(scope, async (): Promise<ProfileSaveResult> => {
    if (baseRevision === null) {
      const [row, isNew] = await ProfileRow.findOrCreate({
        where: { id: profile.id },
        defaults: { id: profile.id, revision: 1, deletedAt: null, ...columns },
      });
      const isSaved = isNew || (await savedBefore(name)) !== null;
      if (isNew) await rememberSave(name, null);
      return { kind: isSaved ? 'saved' : 'stale', stored: toStored(row) };
    }
    const row = await ProfileRow.findOne({
      where: { id: profile.id, deletedAt: null },
      lock: Transaction.LOCK.UPDATE,
    });
    if (!row) return { kind: 'missing' };
    if (await savedBefore(name)) return { kind: 'saved', stored: toStored(row) };
    if (row.revision !== baseRevision) return { kind: 'stale', stored: toStored(row) };
    await row.update({ ...columns, revision: row.revision + 1 });
    await rememberSave(name, null);
    return { kind: 'saved', stored: toStored(row) };
  });
};

/** Deletes or restores a profile. */
export const archiveProfile = (scope: CrewScope, id: string, isDeleted: boolean, author: string): Promise<boolean> =>
  inCrew(scope, async () => {
    const [count] = await models().ProfileRow.update(
      { deletedAt: isDeleted ? new Date() : null, updatedBy: author },
      { where: { id } },
    );
    return count > 0;
  });
