import { DataTypes, type QueryInterface } from 'sequelize';
import type { Within } from './within';

/** Every stored save by its client-made id, so that it is stored once however often it is sent. */
export const name = '0004-saves';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  const part = { type: DataTypes.TEXT, allowNull: false, primaryKey: true };
  await schema.createTable(
    'saves',
    {
      kind: part,
      subject: part,
      saveId: { type: DataTypes.UUID, allowNull: false, primaryKey: true, field: 'save_id' },
      result: { type: DataTypes.TEXT, allowNull: true },
      savedAt: { type: DataTypes.DATE, allowNull: false, field: 'saved_at', defaultValue: DataTypes.NOW },
    },
    within,
  );
  for (const [kind, table] of [
    ['job', 'jobs'],
    ['profile', 'controller_profiles'],
  ] as const) {
    await schema.sequelize.query(
      `INSERT INTO saves (kind, subject, save_id, saved_at)
       SELECT '${kind}', id::text, last_save_id, updated_at FROM ${table} WHERE last_save_id IS NOT NULL`,
      within,
    );
    await schema.sequelize.query(`ALTER TABLE ${table} DROP COLUMN last_save_id`, within);
  }
};
