import { DataTypes, type InferAttributes, type InferCreationAttributes, Model, type Sequelize } from 'sequelize';
import type { HandoverRecord } from '../../core/handover/record';

export class HandoverRow extends Model<InferAttributes<HandoverRow>, InferCreationAttributes<HandoverRow>> {
  declare jobId: string;
  declare id: string;
  declare handedOverAt: Date;
  declare author: string;
  declare coreVersion: string;
  declare record: HandoverRecord;
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
    },
    { sequelize, tableName: 'handovers', underscored: true, timestamps: false },
  );
};
