import type { ShownSuspect } from './trouble';

/** The name under which an address holds the parts that are suspected, and what is between them. */
export const SUSPECTS_QUERY = 'suspects';
const BETWEEN = '~';
/** Most parts that are lit at once: more says nothing. */
const MOST_LIT = 8;

/** The conductors, jumpers and coils that a fault of the wires lies in, by its code. */
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

/** The parts of the drawing that the suspects still standing lie in, likeliest first. */
export const suspectedParts = (suspects: readonly ShownSuspect[]): readonly string[] => {
  const standing = suspects.filter(({ standing: word }) => word === 'likely' || word === 'possible');
  const parts = standing.flatMap(({ causes }) => causes.flatMap(({ faults }) => faults.flatMap(partsOfCode)));
  return [...new Set(parts)].slice(0, MOST_LIT);
};

/** Parts as an address holds them. */
export const suspectsQuery = (parts: readonly string[]): string =>
  `${SUSPECTS_QUERY}=${encodeURIComponent(parts.join(BETWEEN))}`;

/** Parts from an address; none where it holds none. */
export const suspectsFrom = (text: string | null): ReadonlySet<string> =>
  new Set((text ?? '').split(BETWEEN).filter(Boolean).slice(0, MOST_LIT));

/** The rung and the part of it that the first suspect of the heat kit lies in: `limit-2`; null: none. */
export const suspectedRung = (suspects: readonly ShownSuspect[]): string | null => {
  const standing = suspects.filter(({ standing: word }) => word === 'likely' || word === 'possible');
  const id = standing.flatMap(({ causes }) => causes.map((cause) => cause.id)).find((each) => RUNG.test(each));
  return id ? id.replace(RUNG, (_, part: string, at: string) => `${part === 'welded' ? 'switch' : part}-${at}`) : null;
};

const RUNG = /^strips:(element|link|limit|switch|welded)-(\d)$/;
