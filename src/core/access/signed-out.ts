/**
 * The cookie with which a device says that its person signed out where the server was not reached: no script can take
 * the session's cookie off, but this one it can set. Until the server has ended the session, it counts for nothing.
 */
export const SIGNED_OUT_COOKIE = 'gate-cross-signed-out';
