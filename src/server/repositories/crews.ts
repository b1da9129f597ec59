import { dequal as isEqual } from 'dequal/lite';
import { type CrewDefaults, keptDefaults } from '../../core/job/crew-defaults';
import { CREW_LIVES, type CrewScope, inCrew, selectInCrew } from '../crew';
import { database, select } from '../database';

export interface Crew {
  readonly id: string;
  readonly name: string;
  /** Its part of everyone's sign-in name; null until someone has named it. */
  readonly handle: string | null;
  /** Whether it is made up, and lets anyone in by a tap. */
  readonly isDemo: boolean;
  /** When it is deleted with all that it has, ISO 8601; null: it is not. */
  readonly deleteAfter: string | null;
}

type CrewRow = Omit<Crew, 'deleteAfter'> & { readonly deleteAfter: Date | null };

const toCrew = (row: CrewRow): Crew => ({ ...row, deleteAfter: row.deleteAfter?.toISOString() ?? null });

const COLUMNS = 'id, name, handle, is_demo AS "isDemo", delete_after AS "deleteAfter"';

/** The crew with a handle; null where there is none. Asked before anyone is signed in. */
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

/** What a crew's new jobs begin with. */
export const defaultsOf = (scope: CrewScope): Promise<CrewDefaults> =>
  selectInCrew<{ defaults: unknown }>(scope, 'SELECT defaults FROM crews WHERE id = :id', { id: scope.crewId }).then(
    ([crew]) => keptDefaults(crew?.defaults),
  );

/**
 * Decides what a crew's new jobs begin with, on the ground of what was decided so far.
 * @returns what is decided now; where it is not what was told, someone else decided meanwhile and nothing changed
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

/** Whether a crew of this server has a handle, though its time has passed and it waits to be deleted. */
export const isHandleTaken = (handle: string): Promise<boolean> =>
  database().transaction(async () => {
    await select("SELECT set_config('app.handle', :handle, true)", { handle });
    return (await select('SELECT 1 AS one FROM crews WHERE handle = :handle', { handle })).length > 0;
  });

/** Names a crew that has no name yet, which stays from then on; false where it has one. */
export const nameCrew = (scope: CrewScope, name: string, handle: string, isDemo = false): Promise<boolean> =>
  inCrew(scope, async () => {
    const [rows] = await database().query(
      `UPDATE crews SET name = :name, handle = :handle, is_demo = :isDemo, delete_after = NULL
       WHERE id = :id AND handle IS NULL RETURNING id`,
      { replacements: { id: scope.crewId, name, handle, isDemo } },
    );
    return rows.length === 1;
  });

/** Days between a lead's word and the end of a crew, in which any lead can take it back. */
export const GRACE_DAYS = 30;

/** Says that a crew ends when its grace time has passed. Said again it changes nothing. */
export const scheduleCrewDeletion = (scope: CrewScope): Promise<Crew> =>
  inCrew(scope, async () => {
    await database().query(
      `UPDATE crews SET delete_after = now() + make_interval(days => :days) WHERE id = :id AND delete_after IS NULL`,
      { replacements: { id: scope.crewId, days: GRACE_DAYS } },
    );
    return crewOf(scope);
  });

/** Keeps a crew after all. */
export const cancelCrewDeletion = (scope: CrewScope): Promise<void> =>
  inCrew(scope, async () => {
    await database().query('UPDATE crews SET delete_after = NULL WHERE id = :id', {
      replacements: { id: scope.crewId },
    });
  });
