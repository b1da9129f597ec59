import { ROUNDS } from './rounds';

/** Which round is played, with which seed; endless: in its house, with something else wrong by chance. */
export interface Chosen {
  readonly round: string;
  readonly seed: number;
  readonly isEndless: boolean;
}

/**
 * The round that an address names; null: there is none such.
 * @param seed a whole number from 1 to 999999, as text
 */
export const chosenRound = (round: string, seed: string, isEndless: boolean): Chosen | null =>
  ROUNDS.some(({ id }) => id === round) && /^[1-9]\d{0,5}$/.test(seed)
    ? { round, seed: Number(seed), isEndless }
    : null;
