/** Remembers whether this device's screen is narrow, so that the server draws what a phone shows from the start. */
export const NARROW_COOKIE = 'gate-cross-narrow';
