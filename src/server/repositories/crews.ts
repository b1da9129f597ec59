import { type CrewScope, FIRST_CREW, inCrew, scopeOf } from '../crew';
import { database, select } from '../database';

export interface Crew {
  readonly id: string;
  readonly name: string;
  /** Its part of everybody's sign-in name; null until somebody has named it. */
  readonly handle: string | null;
  /** Whether it is made up, and lets anyone in by a tap. */
  readonly isDemo: boolean;
}

const COLUMNS = 'id, name, handle, is_demo AS "isDemo"';

/** The crew with a handle; null where there is none. Asked before anybody is signed in. */
export const crewByHandle = (handle: string): Promise<Crew | null> =>
  database().transaction(async () => {
    await database().query("SELECT set_config('app.handle', :handle, true)", { replacements: { handle } });
    const [crew] = await select<Crew>(`SELECT ${COLUMNS} FROM crews WHERE handle = :handle`, { handle });
    return crew ?? null;
  });

/** A crew by its scope. */
export const crewOf = (scope: CrewScope): Promise<Crew> =>
  inCrew(scope, async () => {
    const [crew] = await select<Crew>(`SELECT ${COLUMNS} FROM crews WHERE id = :id`, { id: scope.crewId });
    return crew!;
  });

/** The first crew's own scope, while nobody has named it; null once somebody has. */
export const unnamedCrew = async (): Promise<CrewScope | null> => {
  const scope = scopeOf({ crewId: FIRST_CREW });
  return (await crewOf(scope)).handle === null ? scope : null;
};

/** Names a crew that has no name yet; false where it has one. */
export const nameCrew = (scope: CrewScope, name: string, handle: string, isDemo = false): Promise<boolean> =>
  inCrew(scope, async () => {
    const [rows] = await database().query(
      `UPDATE crews SET name = :name, handle = :handle, is_demo = :isDemo WHERE id = :id AND handle IS NULL RETURNING id`,
      { replacements: { id: scope.crewId, name, handle, isDemo } },
    );
    return rows.length === 1;
  });
