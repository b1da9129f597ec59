import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize';

export class WeatherYearRow extends Model<InferAttributes<WeatherYearRow>, InferCreationAttributes<WeatherYearRow>> {
  declare id: string;
  declare name: string;
  declare hoursF: number[];
  declare humidity: number[] | null;
  declare filled: number;
  declare addedBy: string;
  declare createdAt: CreationOptional<Date>;
  declare deletedAt: Date | null;
}

export const initWeatherYearRow = (sequelize: Sequelize): void => {
  WeatherYearRow.init(
    {
      id: { type: DataTypes.UUID, primaryKey: true },
      name: DataTypes.TEXT,
      hoursF: { type: DataTypes.ARRAY(DataTypes.REAL), field: 'hours_f' },
      humidity: DataTypes.ARRAY(DataTypes.REAL),
      filled: DataTypes.INTEGER,
      addedBy: DataTypes.TEXT,
      createdAt: DataTypes.DATE,
      deletedAt: DataTypes.DATE,
    },
    { sequelize, tableName: 'weather_years', underscored: true, timestamps: true, updatedAt: false },
  );
};
