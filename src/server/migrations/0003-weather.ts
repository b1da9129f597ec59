import { DataTypes, type QueryInterface } from 'sequelize';
import type { Within } from './within';

const text = { type: DataTypes.TEXT, allowNull: false, defaultValue: '' };

/** Imported years of weather; every job may use them. */
export const name = '0003-weather';

export const up = async (schema: QueryInterface, within: Within): Promise<void> => {
  await schema.createTable(
    'weather_years',
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      name: text,
      hoursF: { type: DataTypes.ARRAY(DataTypes.REAL), allowNull: false, field: 'hours_f' },
      filled: { type: DataTypes.INTEGER, allowNull: false },
      addedBy: { ...text, field: 'added_by' },
      createdAt: { type: DataTypes.DATE, allowNull: false, field: 'created_at' },
      deletedAt: { type: DataTypes.DATE, allowNull: true, field: 'deleted_at' },
    },
    within,
  );
  await schema.addIndex('weather_years', ['deleted_at', 'name'], within);
};
