import { parseWith } from '../border/parse';
import { capital } from '../units/capital';
import type { FactPath } from './document';
import { factSchema } from './schema';

/** What is wrong with a value of a fact, as a sentence; null where nothing is. */
export const factProblem = (path: FactPath, value: unknown): string | null => {
  const parsed = parseWith(factSchema(path), value);
  if (parsed.ok) return null;
  const words = parsed.error.replace(/^this /, '');
  return `${capital(words)}.`;
};
