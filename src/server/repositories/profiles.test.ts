import { randomUUID } from 'node:crypto';
import { TEST_CREW } from '@/server/repositories/test-jobs';
import { copyOfProfile } from '../../core/setup/profiles/edit';
import { toadflax } from '../../core/setup/profiles/toadflax';
import { closeDatabase } from '../database';
import { archiveProfile, getProfile, listProfiles, saveProfile } from './profiles';

afterAll(closeDatabase);

const fresh = () => copyOfProfile(toadflax, `toadflax-${randomUUID().slice(0, 8)}`);
const save = (profile = fresh(), baseRevision: number | null = null, saveId: string = randomUUID()) =>
  saveProfile(TEST_CREW, { saveId, baseRevision, profile, author: 'tester' });

test('a new profile is saved and listed; its document comes back unchanged', async () => {
  const profile = fresh();
  expect(await save(profile)).toMatchObject({ kind: 'saved', stored: { revision: 1, profile, updatedBy: 'tester' } });
  expect((await listProfiles(TEST_CREW)).map(({ profile: { id } }) => id)).toContain(profile.id);
});

test('a save on the edited revision succeeds and counts up', async () => {
  const profile = fresh();
  await save(profile);
  const named = { ...profile, name: 'Another name' };
  expect(await save(named, 1)).toMatchObject({
    kind: 'saved',
    stored: { revision: 2, profile: { name: 'Another name' } },
  });
});

test('a stale save is refused, and what is stored stays', async () => {
  const profile = fresh();
  await save(profile);
  await save({ ...profile, name: 'Before you start' }, 1);
  expect(await save({ ...profile, name: 'Second' }, 1)).toMatchObject({
    kind: 'stale',
    stored: { revision: 2, profile: { name: 'Before you start' } },
  });
  expect((await getProfile(TEST_CREW, profile.id))?.profile.name).toBe('Before you start');
});

test('a repeated save is saved once, new or not', async () => {
  const [profile, first, second] = [fresh(), randomUUID(), randomUUID()];
  expect([(await save(profile, null, first)).kind, (await save(profile, null, first)).kind]).toEqual([
    'saved',
    'saved',
  ]);
  const named = { ...profile, name: 'Once' };
  await save(named, 1, second);
  expect(await save(named, 1, second)).toMatchObject({ kind: 'saved', stored: { revision: 2 } });
});

test('a new profile under an id in use overwrites nothing', async () => {
  const profile = fresh();
  await save(profile);
  expect(await save({ ...profile, name: 'Thief' })).toMatchObject({
    kind: 'stale',
    stored: { profile: { name: profile.name } },
  });
});

test('a deleted profile is gone from the list and can be restored', async () => {
  const profile = fresh();
  await save(profile);
  expect(await archiveProfile(TEST_CREW, profile.id, true, 'tester')).toBe(true);
  expect([await getProfile(TEST_CREW, profile.id), (await save(profile, 1)).kind]).toEqual([null, 'missing']);
  await archiveProfile(TEST_CREW, profile.id, false, 'tester');
  expect((await getProfile(TEST_CREW, profile.id))?.profile).toEqual(profile);
  expect(await archiveProfile(TEST_CREW, 'nowhere-0001', true, 'tester')).toBe(false);
});
