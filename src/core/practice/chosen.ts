import { ROUNDS } from './rounds';

/** Which round is played, with which seed; endless: in its house, with something else wrong by chance. */
export interface Chosen {
  readonly round: string;
  readonly seed: number;
  readonly isEndless: boolean;
}

/** The id of a round in a house of the crew’s own. */
export const OWN_HOUSE = 'own-house';

const isSeed = (seed: string): boolean => /^[1-9]\d{0,5}$/.test(seed);

/** A round in a house of the crew’s own, with something wrong in it by chance; null: the seed is none. */
export const chosenInOwnHouse = (seed: string): Chosen | null =>
  isSeed(seed) ? { round: OWN_HOUSE, seed: Number(seed), isEndless: true } : null;

/**
 * The round that an address names; null: there is none such.
 * @param seed a whole number from 1 to 999999, as text
 */
export const chosenRound = (round: string, seed: string, isEndless: boolean): Chosen | null =>
  ROUNDS.some(({ id }) => id === round) && isSeed(seed) ? { round, seed: Number(seed), isEndless } : null;
