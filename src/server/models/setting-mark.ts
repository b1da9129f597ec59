import { DataTypes, type InferAttributes, type InferCreationAttributes, Model, type Sequelize } from 'sequelize';

export class SettingMarkRow extends Model<InferAttributes<SettingMarkRow>, InferCreationAttributes<SettingMarkRow>> {
  declare jobId: string;
  declare id: string;
  declare markedAt: Date;
  declare author: string;
  declare enteredBy: string;
  declare controller: string;
  declare profile: string;
  declare entry: string;
  declare code: string;
  declare label: string;
  declare kind: string;
  declare value: string;
  declare words: string;
  declare receivedAt: Date;
  declare visitId: string;
  declare device: string | null;
  /** An integer; the database returns it as text. */
  declare sequence: string | number | null;
  declare clockOffsetMs: number | null;
}

export const initSettingMarkRow = (sequelize: Sequelize): void => {
  SettingMarkRow.init(
    {
      jobId: { type: DataTypes.UUID, primaryKey: true },
      id: { type: DataTypes.UUID, primaryKey: true },
      markedAt: DataTypes.DATE,
      author: DataTypes.TEXT,
      enteredBy: DataTypes.TEXT,
      controller: DataTypes.TEXT,
      profile: DataTypes.TEXT,
      entry: DataTypes.TEXT,
      code: DataTypes.TEXT,
      label: DataTypes.TEXT,
      kind: DataTypes.TEXT,
      value: DataTypes.TEXT,
      words: DataTypes.TEXT,
      receivedAt: DataTypes.DATE,
      visitId: DataTypes.UUID,
      device: DataTypes.UUID,
      sequence: DataTypes.BIGINT,
      clockOffsetMs: DataTypes.DOUBLE,
    },
    { sequelize, tableName: 'setting_marks', underscored: true, timestamps: false },
  );
};
