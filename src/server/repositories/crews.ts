import { dequal as isEqual } from 'dequal/lite';
import { type CrewDefaults, keptDefaults } from '../../core/new-job/crew-defaults';
import { CREW_LIVES, type CrewScope, inCrew, selectInCrew } from '../crew';
import { database, select } from '../database';

export interface Crew {
  readonly id: string;
  readonly name: string;
  /** Its part of sign-in names; null until named. */
  readonly handle: string | null;
  /** Whether it is made up, with one-tap sign-in. */
  readonly isDemo: boolean;
  /** When it is deleted with all its data, ISO 8601; null: never. */
  readonly deleteAfter: string | null;
}

type CrewRow = Omit<Crew, 'deleteAfter'> & { readonly deleteAfter: Date | null };

const toCrew = (row: CrewRow): Crew => ({ ...row, deleteAfter: row.deleteAfter?.toISOString() ?? null });

const COLUMNS = 'id, name, handle, is_demo AS "isDemo", delete_after AS "deleteAfter"';

/** The crew with a handle; null if none. Queried before sign-in. */
export const crewByHandle = (handle: string): Promise<Crew | null> =>
  database().transaction(async () => {
    await database().query("SELECT set_config('app.handle', :handle, true)", { replacements: { handle } });
    const [crew] = await select<CrewRow>(`SELECT ${COLUMNS} FROM crews WHERE handle = :handle AND ${CREW_LIVES}`, {
      handle,
    });
    return crew ? toCrew(crew) : null;
  });

/** A crew by its scope. */
export const crewOf = (scope: CrewScope): Promise<Crew> =>
  selectInCrew<CrewRow>(scope, `SELECT ${COLUMNS} FROM crews WHERE id = :id`, { id: scope.crewId }).then(([crew]) =>
    toCrew(crew!),
  );

/** Defaults of a crew's new jobs. */
export const defaultsOf = (scope: CrewScope): Promise<CrewDefaults> =>
  selectInCrew<{ defaults: unknown }>(scope, 'SELECT defaults FROM crews WHERE id = :id', { id: scope.crewId }).then(
    ([crew]) => keptDefaults(crew?.defaults),
  );

/**
 * Sets the defaults of a crew's new jobs, based on the previous ones.
 * @returns the present defaults; if they are not the requested ones, someone else changed them meanwhile and nothing
 *   changed
 */
export const saveDefaults = (scope: CrewScope, base: CrewDefaults, next: CrewDefaults): Promise<CrewDefaults> =>
  inCrew(scope, async () => {
    await select('SELECT id FROM crews WHERE id = :id FOR UPDATE', { id: scope.crewId });
    const now = await defaultsOf(scope);
    if (!isEqual(now, base)) return now;
    await database().query('UPDATE crews SET defaults = CAST(:next AS jsonb) WHERE id = :id', {
      replacements: { id: scope.crewId, next: JSON.stringify(next) },
    });
    return next;
  });

/** Whether a crew of this server has a handle, including expired crews not yet deleted. */
export const isHandleTaken = (handle: string): Promise<boolean> =>
  database().transaction(async () => {
    await select("SELECT set_config('app.handle', :handle, true)", { handle });
    return (await select('SELECT 1 AS one FROM crews WHERE handle = :handle', { handle })).length > 0;
  });

/** Names an unnamed crew, permanently; false if it has a name. */
export const nameCrew = (scope: CrewScope, name: string, handle: string, isDemo = false): Promise<boolean> =>
  inCrew(scope, async () => {
    const [rows] = await database().query(
      `UPDATE crews SET name = :name, handle = :handle, is_demo = :isDemo, delete_after = NULL
       WHERE id = :id AND handle IS NULL RETURNING id`,
      { replacements: { id: scope.crewId, name, handle, isDemo } },
    );
    return rows.length === 1;
  });

/** Grace period of a crew deletion, days; any crew lead can cancel it. */
export const GRACE_DAYS = 30;

/** Schedules the deletion of a crew after its grace period. Repeating changes nothing. */
export const scheduleCrewDeletion = (scope: CrewScope): Promise<Crew> =>
  inCrew(scope, async () => {
    await database().query(
      `UPDATE crews SET delete_after = now() + make_interval(days => :days) WHERE id = :id AND delete_after IS NULL`,
      { replacements: { id: scope.crewId, days: GRACE_DAYS } },
    );
    return crewOf(scope);
  });

/** Cancels the deletion of a crew. */
export const cancelCrewDeletion = (scope: CrewScope): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('UPDATE crews SET delete_after = NULL WHERE id = :id', {
      replacements: { id: scope.crewId },
    });
  });
