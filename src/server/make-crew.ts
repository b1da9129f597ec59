import { randomUUID } from 'node:crypto';
import { type CrewScope, scopeOf } from './crew';
import { ownerDatabase } from './database';

/**
 * Creates an unnamed crew, as the owner of the tables. One that is not named within a day, because its command was
 * killed, is removed with expired crews.
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
