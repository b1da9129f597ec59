import type { ShownSuspect } from './trouble';

/** Address parameter for suspected parts, and their separator. */
export const SUSPECTS_QUERY = 'suspects';
const BETWEEN = '~';
/** Maximum parts lit at once. */
const MOST_LIT = 8;

/** Conductors, jumpers and coils of a wiring fault, by its code. */
const partsOfCode = (code: string): readonly string[] => {
  const [kind, name = ''] = [code.slice(0, code.indexOf(':')), code.slice(code.indexOf(':') + 1)];
  switch (kind) {
    case 'open':
    case 'loose':
      return [name];
    case 'short':
      return name.split('+');
    case 'swap':
      return name.slice(0, name.indexOf('@')).split('+');
    default:
      return [];
  }
};

/** Parts of the drawing that the remaining suspects are in, likeliest first. */
export const suspectedParts = (suspects: readonly ShownSuspect[]): readonly string[] => {
  const standing = suspects.filter(({ standing: word }) => word === 'likely' || word === 'possible');
  const parts = standing.flatMap(({ causes }) => causes.flatMap(({ faults }) => faults.flatMap(partsOfCode)));
  return [...new Set(parts)].slice(0, MOST_LIT);
};

/** Parts as an address parameter. */
export const suspectsQuery = (parts: readonly string[]): string =>
  `${SUSPECTS_QUERY}=${encodeURIComponent(parts.join(BETWEEN))}`;

/** Parts from an address; none if it has none. */
export const suspectsFrom = (text: string | null): ReadonlySet<string> =>
  new Set((text ?? '').split(BETWEEN).filter(Boolean).slice(0, MOST_LIT));

/** Rung and part of the heat kit's first suspect, as `limit-2`; null: none. */
export const suspectedRung = (suspects: readonly ShownSuspect[]): string | null => {
  const standing = suspects.filter(({ standing: word }) => word === 'likely' || word === 'possible');
  const id = standing.flatMap(({ causes }) => causes.map((cause) => cause.id)).find((each) => RUNG.test(each));
  return id ? id.replace(RUNG, (_, part: string, at: string) => `${part === 'welded' ? 'switch' : part}-${at}`) : null;
};

const RUNG = /^strips:(element|link|limit|switch|welded)-(\d)$/;
