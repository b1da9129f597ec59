import { ROUNDS } from './rounds';

/** The chosen round and seed; endless: its house with a random fault. */
export interface Chosen {
  readonly round: string;
  readonly seed: number;
  readonly isEndless: boolean;
}

/** Id of a round in one of the crew’s own houses. */
export const OWN_HOUSE = 'own-house';

const isSeed = (seed: string): boolean => /^[1-9]\d{0,5}$/.test(seed);

/** A round in one of the crew’s own houses with a random fault; null: invalid seed. */
export const chosenInOwnHouse = (seed: string): Chosen | null =>
  isSeed(seed) ? { round: OWN_HOUSE, seed: Number(seed), isEndless: true } : null;

/**
 * The round that an address names; null: none.
 * @param seed a whole number from 1 to 999999, as text
 */
export const chosenRound = (round: string, seed: string, isEndless: boolean): Chosen | null =>
  ROUNDS.some(({ id }) => id === round) && isSeed(seed) ? { round, seed: Number(seed), isEndless } : null;
