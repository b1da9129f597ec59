/** Where the session that all browser tests share is kept while they run. */
export const SIGNED_IN = 'test-results/signed-in.json';
