/**
 * What a job may hold, so that everything that is let in goes out as a file and comes back whole. Apart from the
 * reader, so that a page can know it without loading that. Our judgment: a hundred visits with a hundred readings.
 */
export const JOB_FILE_MOST = { readings: 10_000, settingMarks: 10_000, visits: 2000, handovers: 200 } as const;

/** Largest job file that is read, bytes. A job with a thousand readings is about a fiftieth of it. */
export const MAX_JOB_FILE_BYTES = 24_000_000;

/** Maximum values of a job file, or of a line of a crew's file: a reading has about twenty, a record a thousand. */
export const MOST_FILE_VALUES = 2_000_000;
