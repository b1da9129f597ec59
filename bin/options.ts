import { parseArgs, type ParseArgsConfig } from 'node:util';

/** What cannot be done with the input, and where. */
export const refused = (path: string, error: string) => ({ ok: false, path, error }) as const;

/** Options and files of a verb; refuses unknown ones. */
export const optionsOf = <T extends NonNullable<ParseArgsConfig['options']>>(words: string[], options: T) => {
  try {
    return { ok: true, value: parseArgs({ args: words, allowPositionals: true, options }) } as const;
  } catch (problem) {
    return refused('options', (problem as Error).message);
  }
};
