import { AsyncLocalStorage } from 'node:async_hooks';
import { type Options, QueryTypes, Sequelize } from 'sequelize';
import { databaseUrl, ownerUrl } from './config';
import { log } from './log';

/**
 * What runs inside a transaction's work is part of it, without being told. The package that keeps it is one for the
 * whole process, while this file may be loaded more than once: each time it finds the store that is there.
 */
const shared = globalThis as typeof globalThis & { gateCrossTransactions?: AsyncLocalStorage<Map<string, unknown>> };
const transactions = (shared.gateCrossTransactions ??= new AsyncLocalStorage<Map<string, unknown>>());
// eslint-disable-next-line react-hooks/rules-of-hooks -- no hook of React, by its name alone
Sequelize.useCLS({
  bind: (work: unknown) => work,
  run: (work: (context: unknown) => unknown) => transactions.run(new Map(transactions.getStore()), work, undefined),
  get: (key: string) => transactions.getStore()?.get(key),
  set: (key: string, value: unknown) => transactions.getStore()?.set(key, value),
});

const OPTIONS: Options = {
  dialect: 'postgres',
  logging: (sql, ms) => log.trace({ sql, ms }),
  // A late answer is better than none: right after a start the first one waits for core to be loaded.
  pool: { max: 10, acquire: 15_000 },
  dialectOptions: { connectionTimeoutMillis: 3000, statement_timeout: 10_000 },
};

let opened: Sequelize | undefined;
let openedAsOwner: Sequelize | undefined;

/** Does something that is part of no transaction, wherever it is begun. */
export const outsideTransactions = <T>(work: () => T): T => transactions.exit(work);

/** Whether there is a pool: what is done after a while has none once a script or a test has ended. */
export const isDatabaseOpen = (): boolean => opened !== undefined;

/** The process's pool of connections, opened at first use. It holds no state of its own. */
export const database = (): Sequelize => (opened ??= new Sequelize(databaseUrl(), OPTIONS));

/** Rows that a question of SQL answers, with its values put in by name. */
export const select = <Row extends object>(sql: string, replacements: Record<string, unknown> = {}): Promise<Row[]> =>
  database().query<Row>(sql, { type: QueryTypes.SELECT, replacements });

/** Connections as the role that owns the tables: for migrations and their scripts, never for requests. */
export const ownerDatabase = (): Sequelize =>
  (openedAsOwner ??= new Sequelize(ownerUrl(), { ...OPTIONS, pool: { max: 4, acquire: 60_000 } }));

const ending = new Set<() => Promise<void>>();

/** Has what is done after a while brought to an end before the pools close: a question asked later opens them again. */
export const beforeClosing = (end: () => Promise<void>): void => void ending.add(end);

/** Closes the pools: for scripts and tests that end. */
export const closeDatabase = async (): Promise<void> => {
  for (const end of ending) await end();
  const pools = [opened, openedAsOwner];
  opened = undefined;
  openedAsOwner = undefined;
  for (const pool of pools) await pool?.close();
};
