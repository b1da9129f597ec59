import type { Sequelize } from 'sequelize';
import { database } from '../database';
import { FactChangeRow, initFactChangeRow } from './fact-change';
import { HandoverRow, initHandoverRow } from './handover';
import { initJobRow, JobRow } from './job';
import { initProfileRow, ProfileRow } from './profile';
import { initReadingRow, ReadingRow } from './reading';
import { initSaveRow, SaveRow } from './save';
import { initSettingMarkRow, SettingMarkRow } from './setting-mark';
import { initVisitRow, VisitRow } from './visit';
import { initWeatherYearRow, WeatherYearRow } from './weather-year';

let boundTo: Sequelize | undefined;

/** The models, bound to the database on first use. */
export const models = () => {
  const sequelize = database();
  if (boundTo !== sequelize) {
    for (const init of [
      initJobRow,
      initReadingRow,
      initFactChangeRow,
      initHandoverRow,
      initVisitRow,
      initSettingMarkRow,
      initProfileRow,
      initSaveRow,
      initWeatherYearRow,
    ])
      init(sequelize);
    boundTo = sequelize;
  }
  return {
    sequelize,
    JobRow,
    VisitRow,
    ReadingRow,
    FactChangeRow,
    SettingMarkRow,
    HandoverRow,
    ProfileRow,
    SaveRow,
    WeatherYearRow,
  };
};
