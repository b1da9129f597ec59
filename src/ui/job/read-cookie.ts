/** Remembers the cautions read on this visit, so that the server folds them from the start. */
export const READ_COOKIE = 'gate-cross-read';

/** A visit is over after this long; its cautions are shown in full again. */
const READ_LASTS_S = 12 * 3600;

/** Places of cautions in a cookie. */
export const readPlaces = (cookie: string | undefined): readonly string[] => (cookie ?? '').split('.').filter(Boolean);

/** Stores the places of cautions read on a job. */
export const saveReadPlaces = (jobId: string, places: readonly string[]): void => {
  document.cookie = `${READ_COOKIE}=${places.join('.')}; path=/jobs/${jobId}; max-age=${READ_LASTS_S}; samesite=lax`;
};
