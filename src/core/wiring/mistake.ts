import type { Facts } from '../job/document';
import { applyRules, type Finding, findingKey } from '../job/finding';
import { capital } from '../units/capital';
import { consequences } from './consequences';
import type { Harness } from './harness';
import { type Move, movesBetween } from './moves';
import { WIRING_RULES } from './rules';
import { wiringSubject } from './rules/subject';
import { type Bench, benchOf, type Supply } from './state';

/** Maximum moves of one mistake; more is unfinished wiring. */
const MOST_MOVES = 3;
/** Up to this many moves all subsets are tried; beyond, moves are dropped one by one. */
const MOST_TRIED_WHOLE = 6;

const ADVICE = 'advice';

/** Keys of findings, excluding those that a plan without faults has too. */
const keysOf = (findings: readonly Finding[]): ReadonlySet<string> => new Set(findings.map(findingKey));

const wallWith = (planned: Harness, moves: readonly Move[]): Harness =>
  moves.reduce((harness, { apply }) => apply(harness), planned);

/** Subsets of a list, smallest first. */
const choicesOf = <T>(list: readonly T[], most: number): T[][] => {
  const bySize = Array.from({ length: most + 1 }, (): T[][] => []);
  for (let mask = 1; mask < 1 << list.length; mask++) {
    const chosen = list.filter((_, at) => mask & (1 << at));
    bySize[chosen.length]?.push(chosen);
  }
  return bySize.flat();
};

/** The fewest moves that explain all findings; null if more than three are needed. */
const leastMoves = (moves: readonly Move[], explains: (chosen: readonly Move[]) => boolean): readonly Move[] | null => {
  if (moves.length <= MOST_TRIED_WHOLE)
    return choicesOf(moves, Math.min(MOST_MOVES, moves.length)).find((chosen) => explains(chosen)) ?? null;
  let left = moves;
  for (const move of moves) {
    const without = left.filter((each) => each !== move);
    if (explains(without)) left = without;
  }
  return left.length <= MOST_MOVES ? left : null;
};

const sentence = (words: string) => `${capital(words)}.`;

/** A named mistake, and every finding that it explains. */
export interface NamedMistake {
  readonly finding: Finding;
  readonly explains: ReadonlySet<string>;
}

/**
 * Finds the smallest set of moves between plan and as-found wiring that explains every wiring finding: broken, swapped,
 * landed elsewhere, a jumper too many or too few.
 * @param found findings on the actual wiring
 * @returns null where nothing is wrong, or where more than three moves are behind it
 */
export const mistakeOf = (
  facts: Facts,
  sound: Bench,
  wall: Bench,
  supply: Supply,
  found: readonly Finding[],
): NamedMistake | null => {
  if (sound === wall || facts.wiring.asFound === null) return null;
  const findingsOf = (bench: Bench) => applyRules(WIRING_RULES, wiringSubject(facts, sound, bench));
  const before = keysOf(findingsOf(sound));
  const wanted = keysOf(found.filter((finding) => !before.has(findingKey(finding))));
  if (![...found].some((finding) => wanted.has(findingKey(finding)) && finding.severity !== ADVICE)) return null;
  const moves = movesBetween(sound.harness, wall.harness);
  const explains = (chosen: readonly Move[]): boolean => {
    const keys = keysOf(findingsOf(benchOf(wallWith(sound.harness, chosen), supply)));
    return [...wanted].every((key) => keys.has(key));
  };
  const least = leastMoves(moves, explains);
  if (least === null || least.length === 0) return null;
  const subject = wiringSubject(facts, sound, wall);
  const does = consequences(subject.facts, subject.plannedCold, subject.cold);
  const rows = least.reduce(
    (now, { undo }) => undo(now),
    facts.wiring.asFound as readonly (typeof facts.wiring.asFound)[number][],
  );
  return {
    finding: {
      rule: 'named-mistake',
      severity: found.some(({ severity }) => severity === 'error') ? 'error' : 'warning',
      what: [...least.map(({ words }) => sentence(words)), ...does].join(' '),
      why: 'The fewest wiring changes that explain everything found here.',
      fix: `Power off, verified dead. ${least.map(({ home }) => home).join(' ')}`,
      page: 'wiring',
      at: least[0]!.wires[0]!,
      aspect: least
        .map(({ id }) => id)
        .join('+')
        .slice(0, 120),
      fixBy: [{ path: 'wiring.asFound', value: rows }],
      moves: least.map(({ words, home }) => ({ words: sentence(words), home })),
    },
    explains: wanted,
  };
};
