/**
 * Limits of a job, so that everything accepted can be exported and read back. Separate from the reader, so that a page
 * can use it without loading the reader. Our judgment: a hundred visits with a hundred readings.
 */
export const JOB_FILE_MOST = { readings: 10_000, settingMarks: 10_000, visits: 2000, handovers: 200 } as const;

/** Maximum job file size, bytes. A job with a thousand readings is about a fiftieth of it. */
export const MAX_JOB_FILE_BYTES = 24_000_000;

/** Maximum values of a job file, or of a line of a crew's file: a reading has about twenty, a record a thousand. */
export const MOST_FILE_VALUES = 2_000_000;
