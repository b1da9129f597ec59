import type { Moment } from '../control/moment';
import { NO_FAULTS } from '../control/scenario';
import type { JobModel } from './job-model';
import type { Observation } from './observable';
import type { Given, Prediction } from './observables/definition';
import { predict } from './predict';

/** Predicted reading on a job's wiring as found, with its scenario. */
export const readsAsFound = (model: JobModel, moment: Moment, observation: Observation, given?: Given): Prediction =>
  predict(model, model.wall, { ...moment, scenario: model.scenario }, observation, given);

/** Predicted reading on the plan, without faults. */
export const readsAsPlanned = (model: JobModel, moment: Moment, observation: Observation, given?: Given): Prediction =>
  predict(model, model.sound, { ...moment, scenario: NO_FAULTS }, observation, given);
