/** File with the session that all browser tests share. */
export const SIGNED_IN = 'test-results/signed-in.json';
