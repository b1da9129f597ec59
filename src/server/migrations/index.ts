import * as jobs from './0001-jobs';

/** All migrations in order. Adding one is adding a file and naming it here. */
export const MIGRATIONS = [jobs];
