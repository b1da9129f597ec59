import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize';

/** What the save was about. */
export type SaveKind = 'job' | 'profile' | 'import';

export class SaveRow extends Model<InferAttributes<SaveRow>, InferCreationAttributes<SaveRow>> {
  declare kind: SaveKind;
  declare subject: string;
  declare saveId: string;
  /** Its result, if more than stored. */
  declare result: string | null;
  declare savedAt: CreationOptional<Date>;
}

export const initSaveRow = (sequelize: Sequelize): void => {
  SaveRow.init(
    {
      kind: { type: DataTypes.TEXT, primaryKey: true },
      subject: { type: DataTypes.TEXT, primaryKey: true },
      saveId: { type: DataTypes.UUID, primaryKey: true },
      result: DataTypes.TEXT,
      savedAt: { type: DataTypes.DATE, defaultValue: DataTypes.NOW },
    },
    { sequelize, tableName: 'saves', underscored: true, timestamps: false },
  );
};
