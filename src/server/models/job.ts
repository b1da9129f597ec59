import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize';
import type { JobDocument } from '../../core/job/document';

export class JobRow extends Model<InferAttributes<JobRow>, InferCreationAttributes<JobRow>> {
  declare id: string;
  declare revision: number;
  declare fileVersion: number;
  declare document: JobDocument;
  declare name: string;
  declare customer: string;
  declare street: string;
  declare town: string;
  declare handedOverAt: Date | null;
  declare archivedAt: Date | null;
  declare deletedAt: Date | null;
  declare importedAt: CreationOptional<Date | null>;
  declare importedBy: CreationOptional<string | null>;
  declare importedFrom: CreationOptional<string | null>;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare updatedBy: string;
}

export const initJobRow = (sequelize: Sequelize): void => {
  JobRow.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      revision: DataTypes.INTEGER,
      fileVersion: DataTypes.INTEGER,
      document: DataTypes.JSONB,
      name: DataTypes.TEXT,
      customer: DataTypes.TEXT,
      street: DataTypes.TEXT,
      town: DataTypes.TEXT,
      handedOverAt: DataTypes.DATE,
      archivedAt: DataTypes.DATE,
      deletedAt: DataTypes.DATE,
      importedAt: DataTypes.DATE,
      importedBy: DataTypes.TEXT,
      importedFrom: DataTypes.TEXT,
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      updatedBy: DataTypes.TEXT,
    },
    { sequelize, tableName: 'jobs', underscored: true, timestamps: true },
  );
};
