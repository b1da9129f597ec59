import { DataTypes, type QueryInterface } from 'sequelize';
import type { Within } from './within';

const now = { type: DataTypes.DATE, allowNull: false };
const text = { type: DataTypes.TEXT, allowNull: false, defaultValue: '' };

/** Setting marks as append-only rows, and the crew's own controller profiles. */
export const name = '0002-setup';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  await schema.createTable(
    'setting_marks',
    {
      jobId: {
        type: DataTypes.UUID,
        allowNull: false,
        field: 'job_id',
        references: { model: 'jobs', key: 'id' },
        onDelete: 'CASCADE',
        primaryKey: true,
      },
      id: { type: DataTypes.UUID, primaryKey: true },
      markedAt: { ...now, field: 'marked_at' },
      author: text,
      controller: text,
      profile: text,
      entry: text,
      code: text,
      label: text,
      kind: text,
      value: text,
      words: text,
      receivedAt: { ...now, field: 'received_at' },
    },
    within,
  );
  await schema.addIndex('setting_marks', ['job_id', 'marked_at'], within);
  await schema.createTable(
    'controller_profiles',
    {
      id: { type: DataTypes.TEXT, primaryKey: true },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      document: { type: DataTypes.JSONB, allowNull: false },
      name: text,
      role: text,
      lastSaveId: { type: DataTypes.UUID, allowNull: true, field: 'last_save_id' },
      deletedAt: { type: DataTypes.DATE, allowNull: true, field: 'deleted_at' },
      createdAt: { ...now, field: 'created_at' },
      updatedAt: { ...now, field: 'updated_at' },
      updatedBy: { ...text, field: 'updated_by' },
    },
    within,
  );
  await schema.addIndex('controller_profiles', ['deleted_at', 'name'], within);
};
