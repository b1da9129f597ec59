/**
 * The cookie that says this device signed out while the server was out of reach. No script can remove the session
 * cookie, but a script can set this one. The session counts for nothing until the server has ended it.
 */
export const SIGNED_OUT_COOKIE = 'gate-cross-signed-out';
