import type { QueryInterface } from 'sequelize';
import * as jobs from './0001-jobs';
import * as setup from './0002-setup';
import * as weather from './0003-weather';
import * as saves from './0004-saves';
import * as board from './0005-board';
import type { Within } from './within';

/** One step of the schema: its name in the record, the way there and the way back. */
export interface Migration {
  readonly name: string;
  readonly up: (schema: QueryInterface, within: Within) => Promise<void>;
  readonly down: (schema: QueryInterface, within: Within) => Promise<void>;
}

/** All migrations in order. Adding one is adding a file and naming it here. */
export const MIGRATIONS: Migration[] = [jobs, setup, weather, saves, board];
