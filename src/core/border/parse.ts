import { type Schema, ValidationError } from 'yup';
import { shapeProblem } from './shape';

/** Parsed input: a value of the right type, or what is wrong and where. */
export type Parsed<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: string; readonly path: string };

/**
 * Validates unknown input against a schema without converting it: a number in quotes is not a number.
 * @returns the first thing that is wrong, with its path (`load.noLoadF`; empty for the whole)
 */
export const parseWith = <T>(schema: Schema<T>, input: unknown): Parsed<T> => {
  try {
    return { ok: true, value: schema.validateSync(input, { strict: true, abortEarly: true }) };
  } catch (problem) {
    if (!(problem instanceof ValidationError)) throw problem;
    return { ok: false, error: problem.message, path: problem.path ?? '' };
  }
};

/** Input with an acceptable structure, or why it has none. */
export const withShape = (input: unknown, mostValues?: number): Parsed<unknown> => {
  const problem = shapeProblem(input, mostValues);
  return problem === null ? { ok: true, value: input } : { ok: false, ...problem };
};

/**
 * Parses JSON text; refuses text that is not JSON, nests without end, or cannot be stored.
 * @param mostValues maximum number of values
 */
export const parseJson = (text: string, mostValues?: number): Parsed<unknown> => {
  try {
    return withShape(JSON.parse(text), mostValues);
  } catch {
    return { ok: false, error: 'This is not JSON. Check that the whole file was copied.', path: '' };
  }
};
