import { hiddenBecause } from '../profiles/condition';
import { type ControllerProfile, entryKey, optionsOf, type ProfileEntry } from '../profiles/profile';

/** Codes of a controller's entries, by key. */
export type Codes = ReadonlyMap<string, string>;

/**
 * A simulated controller: what its menus show, what was changed and not saved, what is saved and not active. Times are
 * seconds from first use.
 */
export interface Face {
  readonly profile: ControllerProfile;
  /** Whether the steps before setup were done. */
  readonly isReady: boolean;
  /** Its setup is open. */
  readonly isIn: boolean;
  /** Key of the displayed entry; null: none. */
  readonly at: string | null;
  /** Values changed since the last save. */
  readonly turned: Codes;
  readonly saved: Codes;
  readonly inForce: Codes;
  readonly seconds: number;
  /** When it answers calls again after a restart. */
  readonly answersFrom: number;
}

/** An action at a controller. */
export type FaceAct =
  | { readonly kind: 'before' | 'enter' | 'activate' | 'next' | 'back' | 'leave' }
  /** Gives the entry that is shown a code. */
  | { readonly kind: 'turn'; readonly code: string }
  | { readonly kind: 'save'; readonly scope: string }
  | { readonly kind: 'wait'; readonly seconds: number };

/** Result: the new state, or why it is not possible. */
export type FaceResult = { readonly ok: true; readonly face: Face } | { readonly ok: false; readonly why: string };

/** Default code of an entry: its factory code, or else its first. */
const comesWith = (entry: ProfileEntry): string => {
  if (entry.factory !== undefined) return entry.factory;
  return entry.form.kind === 'number' ? (entry.form.none ?? String(entry.form.min)) : optionsOf(entry)[0]!.code;
};

const keyOf = ({ scope, code }: ProfileEntry): string => entryKey(scope, code);

/**
 * A controller as found.
 * @param found codes set before, by key; all others are factory defaults
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

/** Displayed code of an entry: the changed one, or else the saved one. */
export const shownCode = ({ turned, saved }: Face, key: string): string => turned.get(key) ?? saved.get(key)!;

/** Displayed entries in order; others are hidden by settings. */
export const shownEntries = (face: Face): readonly ProfileEntry[] => {
  const codes = new Map<string, string>();
  return face.profile.entries.filter((entry) => {
    if (hiddenBecause(entry, codes) !== null) return false;
    codes.set(keyOf(entry), shownCode(face, keyOf(entry)));
    return true;
  });
};

/** Keys of displayed entries in order. */
export const shownKeys = (face: Face): readonly string[] => shownEntries(face).map(keyOf);

/** The displayed entry; undefined: none. */
export const entryAt = (face: Face): ProfileEntry | undefined =>
  face.profile.entries.find((entry) => keyOf(entry) === face.at);

/** Codes of an entry in order; a number by its steps, "none" last. */
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

/** One key press, s. Our judgment. */
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
  // Without a save step, a change counts at once.
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
 * Performs an action. An impossible action changes nothing and says why: setup closed, entry hidden, invalid code, or
 * an irreversible value.
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

/** Seconds until it answers calls after a restart. */
export const restartSecondsLeft = ({ seconds, answersFrom }: Face): number => Math.max(0, answersFrom - seconds);
