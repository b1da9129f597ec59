import { AsyncLocalStorage } from 'node:async_hooks';
import { database } from './database';

/** The crew that everything belongs to until there are others. */
const FIRST_CREW = '00000000-0000-4000-8000-000000000001';

const inside = new AsyncLocalStorage<true>();

/**
 * Does work in a transaction that sees and writes the rows of one crew alone; inside of another one it is part of that.
 * Whatever asks a walled table outside of it is refused by the database.
 */
export const inCrew = <T>(work: () => Promise<T>): Promise<T> =>
  inside.getStore()
    ? work()
    : database().transaction(async () => {
        await database().query("SELECT set_config('app.crew', :crew, true)", { replacements: { crew: FIRST_CREW } });
        return inside.run(true, work);
      });
