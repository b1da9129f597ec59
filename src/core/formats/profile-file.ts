import { parse, stringify, YAMLError } from 'yaml';
import type { Parsed } from '../border/parse';
import { isRecord } from '../job/assumptions';
import type { ControllerProfile } from '../setup/profiles/profile';
import { parseProfile } from '../setup/profiles/schema';

/** No controller profile is larger, in characters. */
export const MAX_PROFILE_FILE_CHARS = 400_000;

const OPTIONAL_LISTS = ['before', 'enter', 'save', 'activate', 'readBack', 'delays', 'banks', 'jumpers'] as const;

/** Lists that a hand-written profile leaves out are empty. */
const withLists = (input: unknown): unknown =>
  isRecord(input) ? { ...Object.fromEntries(OPTIONAL_LISTS.map((name) => [name, []])), ...input } : input;

/**
 * Reads a controller profile from YAML or JSON (JSON is YAML too).
 * @returns the profile in its right shape, or what is wrong and where; `profileProblems` says what makes no sense in it
 */
export const parseProfileText = (text: string): Parsed<ControllerProfile> => {
  if (text.length > MAX_PROFILE_FILE_CHARS)
    return {
      ok: false,
      path: '',
      error: `The file is larger than ${MAX_PROFILE_FILE_CHARS / 1000} kB: no controller profile is.`,
    };
  try {
    return parseProfile(withLists(parse(text, { maxAliasCount: 20 })));
  } catch (problem) {
    if (problem instanceof YAMLError)
      return {
        ok: false,
        path: `line ${problem.linePos?.[0].line ?? '?'}`,
        error: `This is neither YAML nor JSON: ${problem.message.split('\n')[0]}`,
      };
    if (problem instanceof ReferenceError)
      return { ok: false, path: '', error: 'The YAML repeats itself by reference too often. Write it out.' };
    throw problem;
  }
};

/** Writes a controller profile as YAML. */
export const profileYaml = (profile: ControllerProfile): string => stringify(profile, { lineWidth: 120 });

/** Writes a controller profile as JSON. */
export const profileJson = (profile: ControllerProfile): string => `${JSON.stringify(profile, null, 2)}\n`;
