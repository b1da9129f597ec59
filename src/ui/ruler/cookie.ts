/** Remembers on which pages the ruler stands open, so that the server draws it so from the start. */
export const RULER_COOKIE = 'gate-cross-ruler';
