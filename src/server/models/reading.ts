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
  declare visitId: string;
  declare enteredBy: string;
  declare meterOhms: number | null;
  declare device: string | null;
  /** An integer; the database returns it as text. */
  declare sequence: string | number | null;
  declare clockOffsetMs: number | null;
  declare status: string;
  declare why: string;
  declare note: string;
  declare waitsForCountersign: boolean;
  declare countersignedBy: string | null;
  declare countersignedAt: Date | null;
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
      visitId: DataTypes.UUID,
      enteredBy: DataTypes.TEXT,
      meterOhms: DataTypes.DOUBLE,
      device: DataTypes.UUID,
      sequence: DataTypes.BIGINT,
      clockOffsetMs: DataTypes.DOUBLE,
      status: DataTypes.TEXT,
      why: DataTypes.TEXT,
      note: DataTypes.TEXT,
      waitsForCountersign: DataTypes.BOOLEAN,
      countersignedBy: DataTypes.TEXT,
      countersignedAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'readings', underscored: true, timestamps: false },
  );
};
