import { randomUUID } from 'node:crypto';
import { type CrewScope, scopeOf } from './crew';
import { ownerDatabase } from './database';

/** Makes a crew that has no name yet, as the owner of the tables: the application itself cannot. */
export const makeCrew = async (): Promise<CrewScope> => {
  const id = randomUUID();
  const owner = ownerDatabase();
  await owner.transaction(async (transaction) => {
    await owner.query("SELECT set_config('app.crew', :id, true)", { replacements: { id }, transaction });
    await owner.query("INSERT INTO crews (id, name) VALUES (:id, '')", { replacements: { id }, transaction });
  });
  return scopeOf({ crewId: id });
};
