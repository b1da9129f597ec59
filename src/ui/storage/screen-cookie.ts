/** Remembers whether this device's screen is narrow, so that the server renders for it. */
export const NARROW_COOKIE = 'gate-cross-narrow';
