import type { Parsed } from '../src/core/border/parse';
import { VERBS } from './verbs';

/** Input that could not be read: which, and why. */
class Unreadable extends Error {
  constructor(
    readonly file: string,
    why: string,
  ) {
    super(`cannot be read: ${why}`);
  }
}

/**
 * Runs one command line.
 * @param argv the verb and its words
 * @param readFile reads a file, or standard input for 0
 * @returns what goes to standard output, or what is wrong and where
 */
export const run = (
  [name = '', ...words]: readonly string[],
  readFile: (file: string | 0) => string,
): Parsed<string> => {
  const verb = VERBS[name];
  if (!verb) {
    const usages = Object.values(VERBS).map(({ usage }) => usage);
    return { ok: false, path: 'verb', error: `There is no verb "${name}". Verbs: ${usages.join(' · ')}` };
  }
  const read = (file: string | undefined) => {
    try {
      return readFile(file === undefined || file === '-' ? 0 : file);
    } catch (problem) {
      throw new Unreadable(file ?? 'standard input', (problem as Error).message);
    }
  };
  try {
    const answer = verb.run(words, read);
    if (!answer.ok) return answer;
    return {
      ok: true,
      value: typeof answer.value === 'string' ? answer.value : `${JSON.stringify(answer.value, null, 2)}\n`,
    };
  } catch (problem) {
    if (problem instanceof Unreadable) return { ok: false, path: problem.file, error: problem.message };
    throw problem;
  }
};
