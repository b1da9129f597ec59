import type { QueryInterface } from 'sequelize';
import * as jobs from './0001-jobs';
import * as setup from './0002-setup';
import * as weather from './0003-weather';
import * as saves from './0004-saves';
import * as board from './0005-board';
import * as record from './0006-record';
import * as humidity from './0007-humidity';
import * as crew from './0008-crew';
import * as crewWork from './0009-crew-work';
import * as practice from './0010-practice';
import * as outdated from './0011-outdated';
import * as hard from './0012-hard';
import type { Within } from './within';

/** One forward migration: its name in the record and its steps. */
export interface Migration {
  readonly name: string;
  readonly up: (schema: QueryInterface, within: Within) => Promise<void>;
}

/** All migrations in order. Add a file and list it here. */
export const MIGRATIONS: Migration[] = [
  jobs,
  setup,
  weather,
  saves,
  board,
  record,
  humidity,
  crew,
  crewWork,
  practice,
  outdated,
  hard,
];
