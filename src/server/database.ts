import { AsyncLocalStorage } from 'node:async_hooks';
import { type Options, QueryTypes, Sequelize } from 'sequelize';
import { databaseUrl, ownerUrl } from './config';
import { log } from './log';

/**
 * Queries inside a transaction's work join it automatically. The package that tracks it is one per process, while this
 * file may be loaded more than once: each copy uses the same store.
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
  // A late answer is better than none: right after startup the first one waits for core to load.
  pool: { max: 10, acquire: 15_000 },
  dialectOptions: { connectionTimeoutMillis: 3000, statement_timeout: 10_000 },
};

let opened: Sequelize | undefined;
let openedAsOwner: Sequelize | undefined;

/** Runs something outside of any transaction, wherever it is called. */
export const outsideTransactions = <T>(work: () => T): T => transactions.exit(work);

/** Whether a pool is open: delayed work has none after a script or test has ended. */
export const isDatabaseOpen = (): boolean => opened !== undefined;

/** The process's connection pool, opened on first use. Stateless. */
export const database = (): Sequelize => (opened ??= new Sequelize(databaseUrl(), OPTIONS));

/** Rows of an SQL query with named values. */
export const select = <Row extends object>(sql: string, replacements: Record<string, unknown> = {}): Promise<Row[]> =>
  database().query<Row>(sql, { type: QueryTypes.SELECT, replacements });

/** Connections as the owner of the tables: for migrations and their scripts, never for requests. */
export const ownerDatabase = (): Sequelize =>
  (openedAsOwner ??= new Sequelize(ownerUrl(), {
    ...OPTIONS,
    pool: { max: 4, acquire: 60_000 },
    // No one waits at a screen for a command.
    dialectOptions: { ...OPTIONS.dialectOptions, connectionTimeoutMillis: 20_000 },
  }));

const ending = new Set<() => Promise<void>>();

/** Finishes delayed work before the pools close; a later query opens them again. */
export const beforeClosing = (end: () => Promise<void>): void => void ending.add(end);

/** Closes the pools, for scripts and tests. */
export const closeDatabase = async (): Promise<void> => {
  for (const end of ending) await end();
  const pools = [opened, openedAsOwner];
  opened = undefined;
  openedAsOwner = undefined;
  for (const pool of pools) await pool?.close();
};
