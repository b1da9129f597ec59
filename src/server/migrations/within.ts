import type { Transaction } from 'sequelize';

/** The transaction in which a migration is done, its record beside it. */
export interface Within {
  readonly transaction: Transaction;
}
