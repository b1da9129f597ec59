import { DataTypes, type QueryInterface } from 'sequelize';
import type { Within } from './within';

const time = { type: DataTypes.DATE, allowNull: true };
const now = { type: DataTypes.DATE, allowNull: false };
const text = { type: DataTypes.TEXT, allowNull: false, defaultValue: '' };

/** Jobs as documents; readings and fact changes, which are history, as rows. */
export const name = '0001-jobs';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  await schema.createTable(
    'jobs',
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      fileVersion: { type: DataTypes.INTEGER, allowNull: false, field: 'file_version' },
      document: { type: DataTypes.JSONB, allowNull: false },
      name: text,
      customer: text,
      street: text,
      town: text,
      lastSaveId: { type: DataTypes.UUID, allowNull: true, field: 'last_save_id' },
      handedOverAt: { ...time, field: 'handed_over_at' },
      archivedAt: { ...time, field: 'archived_at' },
      deletedAt: { ...time, field: 'deleted_at' },
      createdAt: { ...now, field: 'created_at' },
      updatedAt: { ...now, field: 'updated_at' },
      updatedBy: { ...text, field: 'updated_by' },
    },
    within,
  );
  await schema.addIndex('jobs', ['deleted_at', 'archived_at', 'updated_at'], within);

  const job = {
    type: DataTypes.UUID,
    allowNull: false,
    field: 'job_id',
    references: { model: 'jobs', key: 'id' },
    onDelete: 'CASCADE',
  };
  await schema.createTable(
    'readings',
    {
      jobId: { ...job, primaryKey: true },
      id: { type: DataTypes.UUID, primaryKey: true },
      item: text,
      valueNumber: { type: DataTypes.DOUBLE, allowNull: true, field: 'value_number' },
      valueWord: { type: DataTypes.TEXT, allowNull: true, field: 'value_word' },
      place: { type: DataTypes.TEXT, allowNull: true },
      takenAt: { ...now, field: 'taken_at' },
      author: text,
      instrument: text,
      replaces: { type: DataTypes.UUID, allowNull: true },
      receivedAt: { ...now, field: 'received_at' },
    },
    within,
  );
  await schema.addIndex('readings', ['job_id', 'taken_at'], within);

  await schema.createTable(
    'fact_changes',
    {
      id: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
      jobId: job,
      revision: { type: DataTypes.INTEGER, allowNull: false },
      path: text,
      before: { type: DataTypes.JSONB, allowNull: true },
      after: { type: DataTypes.JSONB, allowNull: true },
      author: text,
      changedAt: { ...now, field: 'changed_at' },
    },
    within,
  );
  await schema.addIndex('fact_changes', ['job_id', 'revision'], within);
};
