import { DataTypes, type InferAttributes, type InferCreationAttributes, Model, type Sequelize } from 'sequelize';
import type { HandoverRecord } from '../../core/handover/record';

export class HandoverRow extends Model<InferAttributes<HandoverRow>, InferCreationAttributes<HandoverRow>> {
  declare jobId: string;
  declare id: string;
  declare handedOverAt: Date;
  declare author: string;
  declare coreVersion: string;
  declare record: HandoverRecord;
  declare importedAt: Date | null;
  declare importedBy: string | null;
  declare importedFrom: string | null;
}

export const initHandoverRow = (sequelize: Sequelize): void => {
  HandoverRow.init(
    {
      jobId: { type: DataTypes.UUID, primaryKey: true },
      id: { type: DataTypes.UUID, primaryKey: true },
      handedOverAt: DataTypes.DATE,
      author: DataTypes.TEXT,
      coreVersion: DataTypes.TEXT,
      record: DataTypes.JSONB,
      importedAt: DataTypes.DATE,
      importedBy: DataTypes.TEXT,
      importedFrom: DataTypes.TEXT,
    },
    { sequelize, tableName: 'handovers', underscored: true, timestamps: false },
  );
};
