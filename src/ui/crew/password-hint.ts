import { PASSWORD_LETTERS } from '@/core/access/password';

/** Password rules in words. */
export const PASSWORD_HINT = `At least ${PASSWORD_LETTERS.least} characters: a few words in a row are easy to remember and hard to guess.`;
