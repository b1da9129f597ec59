import { DataTypes, type InferAttributes, type InferCreationAttributes, Model, type Sequelize } from 'sequelize';

export class ReadingRow extends Model<InferAttributes<ReadingRow>, InferCreationAttributes<ReadingRow>> {
  declare jobId: string;
  declare id: string;
  declare item: string;
  declare valueNumber: number | null;
  declare valueWord: string | null;
  declare place: string | null;
  declare takenAt: Date;
  declare author: string;
  declare instrument: string;
  declare replaces: string | null;
  declare receivedAt: Date;
}

export const initReadingRow = (sequelize: Sequelize): void => {
  ReadingRow.init(
    {
      jobId: { type: DataTypes.UUID, primaryKey: true },
      id: { type: DataTypes.UUID, primaryKey: true },
      item: DataTypes.TEXT,
      valueNumber: DataTypes.DOUBLE,
      valueWord: DataTypes.TEXT,
      place: DataTypes.TEXT,
      takenAt: DataTypes.DATE,
      author: DataTypes.TEXT,
      instrument: DataTypes.TEXT,
      replaces: DataTypes.UUID,
      receivedAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'readings', underscored: true, timestamps: false },
  );
};
