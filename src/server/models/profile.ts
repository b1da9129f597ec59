import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize';
import type { ControllerProfile } from '../../core/setup/profiles/profile';

export class ProfileRow extends Model<InferAttributes<ProfileRow>, InferCreationAttributes<ProfileRow>> {
  declare id: string;
  declare revision: number;
  declare document: ControllerProfile;
  declare name: string;
  declare role: string;
  declare deletedAt: Date | null;
  declare createdAt: CreationOptional<Date>;
  declare updatedAt: CreationOptional<Date>;
  declare updatedBy: string;
}

export const initProfileRow = (sequelize: Sequelize): void => {
  ProfileRow.init(
    {
      id: { type: DataTypes.TEXT, primaryKey: true },
      revision: DataTypes.INTEGER,
      document: DataTypes.JSONB,
      name: DataTypes.TEXT,
      role: DataTypes.TEXT,
      deletedAt: DataTypes.DATE,
      createdAt: DataTypes.DATE,
      updatedAt: DataTypes.DATE,
      updatedBy: DataTypes.TEXT,
    },
    { sequelize, tableName: 'controller_profiles', underscored: true, timestamps: true },
  );
};
