/** Remembers on which pages the ruler is open, so that the server renders it so. */
export const RULER_COOKIE = 'gate-cross-ruler';
