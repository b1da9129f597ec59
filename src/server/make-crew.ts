import { randomUUID } from 'node:crypto';
import { type CrewScope, scopeOf } from './crew';
import { ownerDatabase } from './database';

/**
 * Makes a crew that has no name yet, as the owner of the tables. One that is not named within a day, as where the
 * command that makes it was killed, is swept away with those whose time has passed.
 */
export const makeCrew = async (): Promise<CrewScope> => {
  const id = randomUUID();
  const owner = ownerDatabase();
  await owner.transaction(async (transaction) => {
    await owner.query("SELECT set_config('app.crew', :id, true)", { replacements: { id }, transaction });
    await owner.query("INSERT INTO crews (id, name, delete_after) VALUES (:id, '', now() + interval '1 day')", {
      replacements: { id },
      transaction,
    });
  });
  return scopeOf({ crewId: id });
};
