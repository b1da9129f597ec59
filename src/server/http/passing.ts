import { ConnectionError, DatabaseError, TimeoutError } from 'sequelize';

/**
 * Classes and codes of PostgreSQL that pass by themselves: connection lost, deadlock, no room, lock not free,
 * shutting down. Source: PostgreSQL, appendix A, error codes.
 */
const PASSING_STATE = /^(08|40|53|55P03|57)/;

/** How a connection that broke while it was asked says so, where it comes with no code of PostgreSQL's. */
const BROKEN = /^(ECONNRESET|ECONNREFUSED|EPIPE|ETIMEDOUT|EAI_AGAIN)$/;
const BROKEN_WORDS = /connection terminated|not queryable|ECONNRESET|EPIPE|connection ended|socket hang up/i;

/** Whether a problem, or what it came of, is a connection that broke. */
const isBroken = (problem: unknown, depth = 0): boolean => {
  if (typeof problem !== 'object' || problem === null || depth > 4) return false;
  const { code, message, original, cause } = problem as Record<'code' | 'message' | 'original' | 'cause', unknown>;
  return (
    (typeof code === 'string' && BROKEN.test(code)) ||
    (typeof message === 'string' && BROKEN_WORDS.test(message)) ||
    isBroken(original, depth + 1) ||
    isBroken(cause, depth + 1)
  );
};

const stateOf = (problem: DatabaseError): string => String((problem.original as { code?: unknown }).code ?? '');

/** Whether a problem of the database is one that passes, so that the same request may succeed later. */
export const isTransient = (problem: unknown): boolean =>
  problem instanceof ConnectionError ||
  problem instanceof TimeoutError ||
  isBroken(problem) ||
  (problem instanceof DatabaseError && PASSING_STATE.test(stateOf(problem)));

/** Whether the database has no room left to write. */
export const isOutOfSpace = (problem: unknown): boolean =>
  problem instanceof DatabaseError && stateOf(problem) === '53100';
