import { LESSONS } from './lessons';
import type { Score } from './score';

/** A round that someone has played to its end. */
export interface Played extends Score {
  readonly id: string;
  /** The round, and the seed that it was played with; an endless one goes by the house it is in. */
  readonly round: string;
  readonly seed: number;
  readonly isEndless: boolean;
  readonly title: string;
  /** When it ended, ISO. */
  readonly at: string;
}

/** What a person of a crew has played. */
export interface PersonPlayed {
  readonly personId: string;
  readonly name: string;
  readonly played: readonly Played[];
}

/** How someone stands with one rung of the ladder. */
export interface LessonProgress {
  readonly id: string;
  readonly title: string;
  readonly rounds: number;
  /** Rounds of it that were found at least once. */
  readonly found: number;
  readonly played: number;
  /** Time over the best line’s, of all that were found; null: none was. */
  readonly timesBest: number | null;
}

/** How someone stands. */
export interface Progress {
  readonly lessons: readonly LessonProgress[];
  readonly played: number;
  readonly found: number;
  readonly guessed: number;
  readonly unsafe: number;
  /** Of all readings, the share that could tell nothing when they were taken; null: nothing was read. */
  readonly idleShare: number | null;
  /** The rung where least was found of what was played; null: none is worse than another. */
  readonly weakest: string | null;
}

const count = (played: readonly Played[], result: Score['result']) =>
  played.filter((each) => each.result === result).length;
const sum = (played: readonly Played[], of: (each: Played) => number) =>
  played.reduce((total, each) => total + of(each), 0);

/** What someone has played, as two places know it: each round once, the latest last. */
export const playedInAll = (some: readonly Played[], others: readonly Played[]): Played[] =>
  [...new Map([...some, ...others].map((each) => [each.id, each])).values()].sort((one, other) =>
    one.at.localeCompare(other.at),
  );

/** How someone stands after all that he played. */
export const progressOf = (played: readonly Played[]): Progress => {
  const lessons = LESSONS.map(({ id, title, rounds }): LessonProgress => {
    const own = played.filter(({ round, isEndless }) => !isEndless && rounds.some((each) => each.id === round));
    const found = own.filter(({ result }) => result === 'found');
    return {
      id,
      title,
      rounds: rounds.length,
      found: new Set(found.map(({ round }) => round)).size,
      played: own.length,
      timesBest:
        found.length === 0
          ? null
          : sum(found, ({ seconds }) => seconds) /
            Math.max(
              1,
              sum(found, ({ bestSeconds }) => bestSeconds),
            ),
    };
  });
  const readings = sum(played, (each) => each.readings);
  const shares = lessons
    .filter((lesson) => lesson.played > 0)
    .map((lesson) => ({ title: lesson.title, share: lesson.found / lesson.rounds }))
    .sort((one, other) => one.share - other.share);
  const [worst, next] = [shares[0], shares.at(-1)];
  return {
    lessons,
    played: played.length,
    found: count(played, 'found'),
    guessed: count(played, 'guessed'),
    unsafe: count(played, 'unsafe'),
    idleShare: readings === 0 ? null : sum(played, ({ toldNothing }) => toldNothing) / readings,
    weakest: worst && next && worst.share < next.share ? worst.title : null,
  };
};
