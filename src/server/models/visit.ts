import { DataTypes, type InferAttributes, type InferCreationAttributes, Model, type Sequelize } from 'sequelize';
import type { VisitReason } from '../../core/job/visit';

export class VisitRow extends Model<InferAttributes<VisitRow>, InferCreationAttributes<VisitRow>> {
  declare jobId: string;
  declare id: string;
  declare reason: VisitReason;
  declare beganAt: Date;
  declare endedAt: Date | null;
  declare author: string;
}

export const initVisitRow = (sequelize: Sequelize): void => {
  VisitRow.init(
    {
      jobId: { type: DataTypes.UUID, primaryKey: true },
      id: { type: DataTypes.UUID, primaryKey: true },
      reason: DataTypes.TEXT,
      beganAt: DataTypes.DATE,
      endedAt: DataTypes.DATE,
      author: DataTypes.TEXT,
    },
    { sequelize, tableName: 'visits', underscored: true, timestamps: false },
  );
};
