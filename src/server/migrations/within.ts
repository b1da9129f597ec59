import type { Transaction } from 'sequelize';

/** Transaction of a migration and its record. */
export interface Within {
  readonly transaction: Transaction;
}
