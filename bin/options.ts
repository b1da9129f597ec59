import { parseArgs, type ParseArgsConfig } from 'node:util';

/** What cannot be done with what was given, and where. */
export const refused = (path: string, error: string) => ({ ok: false, path, error }) as const;

/** The options of a verb and its files; one that it does not know is refused. */
export const optionsOf = <T extends NonNullable<ParseArgsConfig['options']>>(words: string[], options: T) => {
  try {
    return { ok: true, value: parseArgs({ args: words, allowPositionals: true, options }) } as const;
  } catch (problem) {
    return refused('options', (problem as Error).message);
  }
};
