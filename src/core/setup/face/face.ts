import { hiddenBecause } from '../profiles/condition';
import { type ControllerProfile, entryKey, optionsOf, type ProfileEntry } from '../profiles/profile';

/** Codes of a controller's entries, by their keys. */
export type Codes = ReadonlyMap<string, string>;

/**
 * A controller as it can be worked: what its menus show, what was turned and not saved, what is saved and not in force.
 * Times are seconds since it was first touched.
 */
export interface Face {
  readonly profile: ControllerProfile;
  /** What must be done before its setup is entered was done. */
  readonly isReady: boolean;
  /** Its setup is open. */
  readonly isIn: boolean;
  /** The entry that is shown, by its key; null: none. */
  readonly at: string | null;
  /** What was turned since it was last saved. */
  readonly turned: Codes;
  readonly saved: Codes;
  readonly inForce: Codes;
  readonly seconds: number;
  /** From when on it answers calls: it has started anew, and waits. */
  readonly answersFrom: number;
}

/** What someone does at a controller. */
export type FaceAct =
  | { readonly kind: 'before' | 'enter' | 'activate' | 'next' | 'back' | 'leave' }
  /** Gives the entry that is shown a code. */
  | { readonly kind: 'turn'; readonly code: string }
  | { readonly kind: 'save'; readonly scope: string }
  | { readonly kind: 'wait'; readonly seconds: number };

/** What came of it: the controller from then on, or why it does not do so. */
export type FaceResult = { readonly ok: true; readonly face: Face } | { readonly ok: false; readonly why: string };

/** An entry holds this where no one has given it anything: its factory code, or else its first. */
const comesWith = (entry: ProfileEntry): string => {
  if (entry.factory !== undefined) return entry.factory;
  return entry.form.kind === 'number' ? (entry.form.none ?? String(entry.form.min)) : optionsOf(entry)[0]!.code;
};

const keyOf = ({ scope, code }: ProfileEntry): string => entryKey(scope, code);

/**
 * A controller as someone finds it.
 * @param found codes that it was given before, by key; all others are as they come from the factory
 */
export const faceOf = (profile: ControllerProfile, found: Codes = new Map()): Face => {
  const codes = new Map(profile.entries.map((entry) => [keyOf(entry), found.get(keyOf(entry)) ?? comesWith(entry)]));
  return {
    profile,
    isReady: profile.before.length === 0,
    isIn: false,
    at: null,
    turned: new Map(),
    saved: codes,
    inForce: codes,
    seconds: 0,
    answersFrom: 0,
  };
};

/** What an entry holds as it is shown: what was turned, or else what is saved. */
export const shownCode = ({ turned, saved }: Face, key: string): string => turned.get(key) ?? saved.get(key)!;

/** The entries that it shows, in the order in which they are met; the others hide behind what is set. */
export const shownEntries = (face: Face): readonly ProfileEntry[] => {
  const codes = new Map<string, string>();
  return face.profile.entries.filter((entry) => {
    if (hiddenBecause(entry, codes) !== null) return false;
    codes.set(keyOf(entry), shownCode(face, keyOf(entry)));
    return true;
  });
};

/** Keys of the entries that it shows, in the order in which they are met. */
export const shownKeys = (face: Face): readonly string[] => shownEntries(face).map(keyOf);

/** The entry that is shown; undefined: none. */
export const entryAt = (face: Face): ProfileEntry | undefined =>
  face.profile.entries.find((entry) => keyOf(entry) === face.at);

/** Codes that an entry takes, in the order in which it goes through them; a number goes by its steps, none last. */
export const codesOf = ({ form }: ProfileEntry): readonly string[] => {
  if (form.kind !== 'number') return form.options.map(({ code }) => code);
  const steps = Math.floor((form.max - form.min) / form.step + 1e-9);
  const numbers = Array.from({ length: steps + 1 }, (_, at) =>
    String(Math.round((form.min + at * form.step) * 1000) / 1000),
  );
  return form.none === undefined ? numbers : [...numbers, form.none];
};

const no = (why: string): FaceResult => ({ ok: false, why });
const yes = (face: Face): FaceResult => ({ ok: true, face });

/** One touch of its keys, s. Our judgment. */
const TOUCH_S = 2;
const touched = (face: Face, change: Partial<Face>): FaceResult =>
  yes({ ...face, seconds: face.seconds + TOUCH_S, ...change });

const stepped = (face: Face, by: 1 | -1): FaceResult => {
  if (!face.isIn) return no('It shows the temperature; no menu is open.');
  const shown = shownKeys(face);
  const at = face.at === null ? -1 : shown.indexOf(face.at);
  const next = shown[at + by];
  return next === undefined
    ? no(by > 0 ? 'That was the last one.' : 'That was the first one.')
    : touched(face, { at: next });
};

const turned = (face: Face, code: string): FaceResult => {
  const entry = entryAt(face);
  if (!face.isIn || !entry) return no('No entry is shown.');
  if (!codesOf(entry).includes(code)) return no(`It cannot be set to ${code}.`);
  const key = keyOf(entry);
  const isShut = entry.isLasting && face.saved.get(key) !== comesWith(entry);
  if (isShut && code !== face.saved.get(key)) return no('This has been saved and cannot be undone.');
  const now = new Map([...face.turned, [key, code]]);
  // Where there is no saving, what is turned counts.
  if (face.profile.save.length > 0) return touched(face, { turned: now });
  const saved = new Map([...face.saved, [key, code]]);
  return touched(face, { saved, ...(face.profile.activate.length === 0 ? { inForce: saved } : {}) });
};

const savedIn = (face: Face, scope: string): FaceResult => {
  if (!face.isIn) return no('Its setup is not open.');
  if (!face.profile.scopes.some(({ id }) => id === scope)) return no('There is nothing to save there.');
  const own = new Set(face.profile.entries.filter((entry) => entry.scope === scope).map(keyOf));
  const saved = new Map([...face.saved, ...[...face.turned].filter(([key]) => own.has(key))]);
  const left = new Map([...face.turned].filter(([key]) => !own.has(key)));
  return touched(face, {
    saved,
    turned: left,
    ...(face.profile.activate.length === 0 ? { inForce: saved } : {}),
  });
};

const longestDelayS = ({ delays }: ControllerProfile): number =>
  delays.reduce((longest, { seconds }) => Math.max(longest, seconds), 0);

/**
 * Does something at a controller. What it does not do as things stand changes nothing and says why: its setup is not
 * open, an entry is hidden, a code is none of its own, a value once saved stays.
 */
export const workFace = (face: Face, act: FaceAct): FaceResult => {
  switch (act.kind) {
    case 'before':
      return touched(face, { isReady: true });
    case 'enter':
      return face.isReady
        ? touched(face, { isIn: true })
        : no('It will not open yet. Do the “Before you start” steps.');
    case 'next':
      return stepped(face, 1);
    case 'back':
      return stepped(face, -1);
    case 'turn':
      return turned(face, act.code);
    case 'save':
      return savedIn(face, act.scope);
    case 'activate': {
      if (face.profile.activate.length === 0) return no('It needs no activation: saved values are active.');
      if (!face.isIn) return no('Its setup is not open.');
      const seconds = face.seconds + TOUCH_S;
      return yes({
        ...face,
        seconds,
        inForce: face.saved,
        turned: new Map(),
        isIn: false,
        at: null,
        answersFrom: seconds + longestDelayS(face.profile),
      });
    }
    case 'leave':
      return touched(face, { isIn: false, at: null, turned: new Map() });
    case 'wait':
      return yes({ ...face, seconds: face.seconds + Math.max(0, act.seconds) });
  }
};

/** How long it still answers no call after it has started anew, s. */
export const restartSecondsLeft = ({ seconds, answersFrom }: Face): number => Math.max(0, answersFrom - seconds);
