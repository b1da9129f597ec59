import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize';

export class FactChangeRow extends Model<InferAttributes<FactChangeRow>, InferCreationAttributes<FactChangeRow>> {
  declare id: CreationOptional<string>;
  declare jobId: string;
  declare revision: number;
  declare path: string;
  declare before: unknown;
  declare after: unknown;
  declare author: string;
  declare changedAt: Date;
}

export const initFactChangeRow = (sequelize: Sequelize): void => {
  FactChangeRow.init(
    {
      id: { type: DataTypes.BIGINT, primaryKey: true, autoIncrement: true },
      jobId: DataTypes.UUID,
      revision: DataTypes.INTEGER,
      path: DataTypes.TEXT,
      before: DataTypes.JSONB,
      after: DataTypes.JSONB,
      author: DataTypes.TEXT,
      changedAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'fact_changes', underscored: true, timestamps: false },
  );
};
