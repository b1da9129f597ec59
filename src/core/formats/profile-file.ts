import { type Document, isScalar, Lexer, LineCounter, parseDocument, stringify, visit } from 'yaml';
import { type Parsed, parseJson, withShape } from '../border/parse';
import { isRecord } from '../border/record';
import type { ControllerProfile } from '../setup/profiles/profile';
import { parseProfile } from '../setup/profiles/schema';

/** Maximum size of a controller profile, characters. */
export const MAX_PROFILE_FILE_CHARS = 400_000;

const OPTIONAL_LISTS = ['before', 'enter', 'save', 'activate', 'readBack', 'delays', 'banks', 'jumpers'] as const;

/** Lists omitted in a hand-written profile are empty. */
const withLists = (input: unknown): unknown =>
  isRecord(input) ? { ...Object.fromEntries(OPTIONAL_LISTS.map((name) => [name, []])), ...input } : input;

/** Maximum YAML tokens in a file: a profile of 300 entries has about forty thousand. */
const MOST_YAML_SIGNS = 80_000;

const hasTooManySigns = (text: string): boolean => {
  let count = 0;
  for (const _ of new Lexer().lex(text)) if (++count > MOST_YAML_SIGNS) return true;
  return false;
};

/** The first duplicate key in a map of a document, and its line. */
const repeatedName = (document: Document.Parsed, lines: LineCounter): { name: string; line: number } | null => {
  let found: { name: string; line: number } | null = null;
  visit(document, {
    Map: (_, map) => {
      const seen = new Set<unknown>();
      for (const { key } of map.items) {
        const name = isScalar(key) ? key.value : key;
        if (seen.has(name)) {
          const at = isScalar(key) ? (key.range?.[0] ?? 0) : 0;
          found = { name: String(name).slice(0, 40), line: lines.linePos(at).line };
          return visit.BREAK;
        }
        seen.add(name);
      }
    },
  });
  return found;
};

const parseYaml = (text: string): Parsed<unknown> => {
  if (hasTooManySigns(text))
    return { ok: false, path: '', error: 'It is far bigger than any controller profile. Is it the right file?' };
  try {
    const lines = new LineCounter();
    // The library checks each key against all others, which takes minutes on a wide file, so duplicates are found here.
    const document = parseDocument(text, { uniqueKeys: false, lineCounter: lines });
    const [problem] = document.errors;
    if (problem)
      return {
        ok: false,
        path: `line ${problem.linePos?.[0].line ?? '?'}`,
        error: `This is neither YAML nor JSON: ${problem.message.split('\n')[0]}`,
      };
    const repeated = repeatedName(document, lines);
    if (repeated)
      return { ok: false, path: `line ${repeated.line}`, error: `“${repeated.name}” appears twice. Remove one.` };
    return withShape(document.toJS({ maxAliasCount: 20 }));
  } catch (problem) {
    if (problem instanceof ReferenceError)
      return { ok: false, path: '', error: 'The YAML uses too many aliases. Write the values out.' };
    if (problem instanceof RangeError) return { ok: false, path: '', error: 'is nested too deep' };
    throw problem;
  }
};

/**
 * Reads a controller profile from YAML or JSON (JSON is YAML too, and faster).
 * @returns the profile, or what is wrong and where; `profileProblems` finds what makes no sense in it
 */
export const parseProfileText = (text: string): Parsed<ControllerProfile> => {
  if (text.length > MAX_PROFILE_FILE_CHARS)
    return {
      ok: false,
      path: '',
      error: `The file is over ${MAX_PROFILE_FILE_CHARS / 1000} kB, too big for a controller profile.`,
    };
  const json = /^\s*\{/.test(text) ? parseJson(text) : null;
  const read = json?.ok ? json : parseYaml(text);
  return read.ok ? parseProfile(withLists(read.value)) : read;
};

/** Writes a controller profile as YAML. */
export const profileYaml = (profile: ControllerProfile): string => stringify(profile, { lineWidth: 120 });

/** Writes a controller profile as JSON. */
export const profileJson = (profile: ControllerProfile): string => `${JSON.stringify(profile, null, 2)}\n`;
