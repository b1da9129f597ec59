/**
 * Largest job file that is read, bytes. A job with a thousand readings is a tenth of it. Apart from the reader, so
 * that a page can know it without loading that.
 */
export const MAX_JOB_FILE_BYTES = 2_000_000;
