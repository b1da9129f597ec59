import { ConnectionError, DatabaseError, TimeoutError } from 'sequelize';

/**
 * Classes and codes of PostgreSQL that pass by themselves: connection lost, deadlock, no room, lock not free,
 * shutting down. Source: PostgreSQL, appendix A, error codes.
 */
const PASSING_STATE = /^(08|40|53|55P03|57)/;

const stateOf = (problem: DatabaseError): string => String((problem.original as { code?: unknown }).code ?? '');

/** Whether a problem of the database is one that passes, so that the same request may succeed later. */
export const isPassing = (problem: unknown): boolean =>
  problem instanceof ConnectionError ||
  problem instanceof TimeoutError ||
  (problem instanceof DatabaseError && PASSING_STATE.test(stateOf(problem)));

/** Whether the database has no room left to write. */
export const isOutOfRoom = (problem: unknown): boolean =>
  problem instanceof DatabaseError && stateOf(problem) === '53100';
