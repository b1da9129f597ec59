import { QueryTypes } from 'sequelize';
import { closeDatabase, database } from './database';
import { health } from './health';
import { MIGRATIONS } from './migrations';
import { migrator } from './migrator';

afterAll(closeDatabase);

test('the database is migrated, and migrating again does nothing', async () => {
  expect(await migrator().up()).toEqual([]);
  expect((await migrator().executed()).map(({ name }) => name)).toEqual(MIGRATIONS.map(({ name }) => name));
});

test('what is searched and kept as history has its tables, keys and indexes', async () => {
  const tables = await database().query<{ name: string }>(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = 'public'",
    {
      type: QueryTypes.SELECT,
    },
  );
  expect(tables.map(({ name }) => name)).toEqual(
    expect.arrayContaining(['jobs', 'readings', 'fact_changes', 'schema_migrations']),
  );
  const keys = await database().query<{ name: string }>(
    "SELECT conrelid::regclass::text AS name FROM pg_constraint WHERE contype = 'f'",
    {
      type: QueryTypes.SELECT,
    },
  );
  expect(keys.map(({ name }) => name).sort()).toEqual(['fact_changes', 'readings', 'setting_marks']);
});

test('a schema that is behind is told apart from one that is current', async () => {
  const behind = await database().transaction(async () => {
    MIGRATIONS.push({ ...MIGRATIONS[0]!, name: '9999-not-yet' });
    const state = await health();
    MIGRATIONS.pop();
    return state;
  });
  expect([behind.schema, (await health()).schema]).toEqual(['behind', 'current']);
});
