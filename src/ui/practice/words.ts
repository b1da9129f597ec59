import type { Score } from '@/core/practice/score';

/** A time span of a round, in words. */
export const minutesText = (seconds: number): string => {
  const minutes = Math.floor(seconds / 60);
  const rest = Math.round(seconds % 60);
  return minutes === 0 ? `${rest} s` : rest === 0 || minutes >= 10 ? `${minutes} min` : `${minutes} min ${rest} s`;
};

/** A share, in words. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** Result of a round. */
export const RESULTS: Readonly<Record<Score['result'], { readonly words: string; readonly about: string }>> = {
  found: { words: 'Found', about: 'Your own readings make it at least 80 % likely.' },
  guessed: { words: 'Right, but a guess', about: 'You are right, but your readings do not prove it yet.' },
  wrong: { words: 'Wrong cause', about: 'Something else is wrong with this house.' },
  unsafe: { words: 'Ended: not safe', about: 'This is where someone gets hurt.' },
};
