import { ConnectionError, DatabaseError, TimeoutError } from 'sequelize';

/**
 * Temporary PostgreSQL error classes and codes: connection lost, deadlock, no space, lock not available, shutting down.
 * Source: PostgreSQL, appendix A, error codes.
 */
const PASSING_STATE = /^(08|40|53|55P03|57)/;

/** Messages of a broken connection without a PostgreSQL code. */
const BROKEN = /^(ECONNRESET|ECONNREFUSED|EPIPE|ETIMEDOUT|EAI_AGAIN)$/;
const BROKEN_WORDS = /connection terminated|not queryable|ECONNRESET|EPIPE|connection ended|socket hang up/i;

/** Whether a problem, or its cause, is a broken connection. */
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

/** Whether a database problem is temporary, so that a retry may succeed. */
export const isTransient = (problem: unknown): boolean =>
  problem instanceof ConnectionError ||
  problem instanceof TimeoutError ||
  isBroken(problem) ||
  (problem instanceof DatabaseError && PASSING_STATE.test(stateOf(problem)));

/** Whether the database is out of space. */
export const isOutOfSpace = (problem: unknown): boolean =>
  problem instanceof DatabaseError && stateOf(problem) === '53100';
