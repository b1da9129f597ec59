import { capital } from '../units/capital';
import { factAt, type FactPath } from './document';
import { factError } from './wrong-fact';

/** What is wrong with a fact's value, as a sentence; null if nothing. */
export const factProblem = (path: FactPath, value: unknown): string | null => {
  const wrong = factError(factAt(path), value);
  return wrong && `${capital(wrong.error)}.`;
};
