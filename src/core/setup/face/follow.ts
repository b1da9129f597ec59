import type { NewMark, SettingMark } from '../../job/setting-marks';
import { type Card, type CardLine, cardOf, wordsOfCode } from '../card/card';
import { type ControllerProfile, entryKey, type ProfileEntry } from '../profiles/profile';
import type { ResolvedSettings } from '../resolve-among';
import { type Face, type FaceAct, shownCode, shownEntries, shownKeys, workFace } from './face';

/** Result of following a card on a controller. */
export interface Followed {
  readonly face: Face;
  /** All actions at its keys. */
  readonly acts: readonly FaceAct[];
  readonly marks: readonly SettingMark[];
  /** First disagreement of card and controller; null: none. */
  readonly problem: string | null;
}

/** Makes a mark; only the order matters. */
const markAt = (count: number, mark: NewMark): SettingMark => ({
  ...mark,
  id: `mark-${count}`,
  origin: null,
  visit: 'practice',
  author: '',
  enteredBy: '',
  at: `2026-01-01T00:00:00.${String(count).padStart(9, '0')}Z`,
});

const markOf = (
  profile: ControllerProfile,
  entry: ProfileEntry,
  kind: 'found' | 'left',
  value: string,
  count: number,
): SettingMark =>
  markAt(count, {
    controller: profile.role,
    profile: profile.id,
    entry: entryKey(entry.scope, entry.code),
    code: entry.code,
    label: entry.label,
    kind,
    value,
    words: wordsOfCode(entry, value),
  });

/** A job's card for a controller in its present state, with all displayed values recorded as found. */
export const cardOnFace = (face: Face, settings: ResolvedSettings): Card =>
  cardOf(
    face.profile,
    settings,
    shownEntries(face).map((entry, count) =>
      markOf(face.profile, entry, 'found', shownCode(face, entryKey(entry.scope, entry.code)), count),
    ),
  );

/** Whether an entry matches the card; null: the card does not care. */
export const isMet = ({ inForce }: Face, { key, target }: CardLine): boolean | null =>
  target.kind === 'set' ? inForce.get(key) === target.code : null;

/**
 * Follows a job's card at a controller as a technician does: goes to each entry, records the found value, sets the
 * target; saves each scope and activates. After each mark the card is computed again, because found values decide what
 * follows.
 */
export const followCard = (found: Face, settings: ResolvedSettings): Followed => {
  let face = found;
  const acts: FaceAct[] = [];
  const marks: SettingMark[] = [];
  const { profile } = face;
  const problem = (words: string): Followed => ({ face, acts, marks, problem: words });
  const does = (act: FaceAct): string | null => {
    const done = workFace(face, act);
    if (!done.ok) return done.why;
    face = done.face;
    acts.push(act);
    return null;
  };
  const mark = ({ entry }: CardLine, kind: 'found' | 'left', value: string) =>
    marks.push(markOf(profile, entry, kind, value, marks.length));
  /** Steps to an entry, forward or back. */
  const goTo = (key: string): boolean => {
    for (const kind of ['next', 'back'] as const) {
      while (face.at !== key) if (does({ kind }) !== null) break;
      if (face.at === key) return true;
    }
    return false;
  };
  const stands = (line: CardLine): string | null => {
    if (!goTo(line.key)) return `The card is at ${line.entry.code}, but the controller is not showing it.`;
    mark(line, 'found', shownCode(face, line.key));
    if (line.target.kind !== 'set' || shownCode(face, line.key) === line.target.code) return null;
    const why = does({ kind: 'turn', code: line.target.code });
    if (why !== null) return `The card calls for ${line.entry.code} = ${line.target.code}. ${why}`;
    mark(line, 'left', line.target.code);
    return null;
  };

  if (profile.before.length > 0) does({ kind: 'before' });
  const shut = does({ kind: 'enter' });
  if (shut !== null) return problem(shut);
  const done = new Set<string>();
  const unsaved = new Set<string>();
  const left = () => cardOf(profile, settings, marks).lines.filter(({ key }) => !done.has(key));
  for (;;) {
    const [next] = left();
    if (!next) break;
    const wrong = stands(next);
    if (wrong !== null) return problem(wrong);
    done.add(next.key);
    unsaved.add(next.entry.scope);
    // A value found in one scope may hide the last entry of another: that scope is saved then.
    const open = new Set(left().map(({ entry }) => entry.scope));
    for (const scope of [...unsaved].filter((each) => !open.has(each))) {
      if (profile.save.length > 0) does({ kind: 'save', scope });
      unsaved.delete(scope);
    }
  }
  const after = new Set(cardOf(profile, settings, marks).lines.map(({ key }) => key));
  const shown = new Set(shownKeys(face));
  const unlike = [...after].find((key) => !shown.has(key)) ?? [...shown].find((key) => !after.has(key));
  if (unlike !== undefined)
    return problem(`${unlike} is ${after.has(unlike) ? 'on the card and not shown' : 'shown and not on the card'}.`);
  if (profile.activate.length > 0) does({ kind: 'activate' });
  return { face, acts, marks, problem: null };
};
