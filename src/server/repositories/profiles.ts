import type { ControllerProfile } from '../../core/setup/profiles/profile';
import type { StoredProfile } from '../../core/setup/profiles/stored-profile';
import { models } from '../models';
import type { ProfileRow } from '../models/profile';
import { landed, remember } from './saves';

const toStored = ({ document, revision, updatedAt, updatedBy }: ProfileRow): StoredProfile => ({
  profile: document,
  revision,
  updatedAt: updatedAt.toISOString(),
  updatedBy,
});

/** The crew's own profiles, by name. */
export const listProfiles = async (): Promise<StoredProfile[]> =>
  (await models().ProfileRow.findAll({ where: { deletedAt: null }, order: [['name', 'ASC']], limit: 500 })).map(
    toStored,
  );

/** One of the crew's own profiles; null where there is none. */
export const getProfile = async (id: string): Promise<StoredProfile | null> => {
  const row = await models().ProfileRow.findOne({ where: { id, deletedAt: null } });
  return row && toStored(row);
};

export interface ProfileSave {
  readonly saveId: string;
  /** The revision that was edited; null: a new profile. */
  readonly baseRevision: number | null;
  readonly profile: ControllerProfile;
  readonly author: string;
}

export type ProfileSaveResult =
  { readonly kind: 'saved' | 'stale'; readonly stored: StoredProfile } | { readonly kind: 'missing' };

/**
 * Saves a profile, made on a revision, or new. On any other revision the save is refused and nothing changes;
 * the same save sent again is the save that landed. A deleted profile's id is not used again.
 */
export const saveProfile = async ({
  saveId,
  baseRevision,
  profile,
  author,
}: ProfileSave): Promise<ProfileSaveResult> => {
  const { sequelize, ProfileRow } = models();
  const columns = { document: profile, name: profile.name, role: profile.role, updatedBy: author };
  const name = { kind: 'profile', subject: profile.id, saveId } as const;
  return sequelize.transaction(async (transaction): Promise<ProfileSaveResult> => {
    if (baseRevision === null) {
      const [row, isNew] = await ProfileRow.findOrCreate({
        where: { id: profile.id },
        defaults: { id: profile.id, revision: 1, deletedAt: null, ...columns },
        transaction,
      });
      const isSaved = isNew || (await landed(name, transaction)) !== null;
      if (isNew) await remember(name, null, transaction);
      return { kind: isSaved ? 'saved' : 'stale', stored: toStored(row) };
    }
    const row = await ProfileRow.findOne({
      where: { id: profile.id, deletedAt: null },
      lock: transaction.LOCK.UPDATE,
      transaction,
    });
    if (!row) return { kind: 'missing' };
    if (await landed(name, transaction)) return { kind: 'saved', stored: toStored(row) };
    if (row.revision !== baseRevision) return { kind: 'stale', stored: toStored(row) };
    await row.update({ ...columns, revision: row.revision + 1 }, { transaction });
    await remember(name, null, transaction);
    return { kind: 'saved', stored: toStored(row) };
  });
};

/** Deletes a profile, or brings it back. */
export const shelveProfile = async (id: string, isDeleted: boolean, author: string): Promise<boolean> => {
  const [count] = await models().ProfileRow.update(
    { deletedAt: isDeleted ? new Date() : null, updatedBy: author },
    { where: { id } },
  );
  return count > 0;
};
