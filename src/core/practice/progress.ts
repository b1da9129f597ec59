import { LESSONS } from './lessons';
import type { Score } from './score';

/** A finished practice round. */
export interface Played extends Score {
  readonly id: string;
  /** The round and its seed; an endless one is counted by its house. */
  readonly round: string;
  readonly seed: number;
  readonly isEndless: boolean;
  readonly title: string;
  /** When it ended, ISO 8601. */
  readonly at: string;
}

/** A crew member's practice rounds. */
export interface PersonPlayed {
  readonly personId: string;
  readonly name: string;
  readonly played: readonly Played[];
}

/** Results in one lesson. */
export interface LessonProgress {
  readonly id: string;
  readonly title: string;
  readonly rounds: number;
  /** Rounds of it solved at least once. */
  readonly found: number;
  readonly played: number;
  /** Time relative to the best solution, over all solved rounds; null: none. */
  readonly timesBest: number | null;
}

/** Overall results. */
export interface Progress {
  readonly lessons: readonly LessonProgress[];
  readonly played: number;
  readonly found: number;
  readonly guessed: number;
  readonly unsafe: number;
  /** Share of readings that could tell nothing when taken; null: no readings. */
  readonly idleShare: number | null;
  /** The weakest lesson of those practiced; null: none is worse than another. */
  readonly weakest: string | null;
}

const count = (played: readonly Played[], result: Score['result']) =>
  played.filter((each) => each.result === result).length;
const sum = (played: readonly Played[], of: (each: Played) => number) =>
  played.reduce((total, each) => total + of(each), 0);

/** Practice rounds merged from two places: each round once, the latest last. */
export const playedInAll = (some: readonly Played[], others: readonly Played[]): Played[] =>
  [...new Map([...some, ...others].map((each) => [each.id, each])).values()].sort((one, other) =>
    one.at.localeCompare(other.at),
  );

/** Results after all rounds. */
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
