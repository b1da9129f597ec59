import type { Moment } from '../control/moment';
import { once } from '../units/once';
import type { Bench, WiringState } from '../wiring/state';
import { NO_EQUIPMENT_FAULTS } from './equipment-faults';
import type { JobModel } from './job-model';
import type { Observable, Observation } from './observable';
import { kindOf } from './observables';
import type { Given, Prediction } from './observables/definition';
import { type OperatingState, operatingState } from './operating-state';

/** A system at a moment, ready for predictions. */
export interface Observer {
  readonly state: WiringState;
  /** What runs; calculated when first needed. */
  readonly works: () => OperatingState;
  readonly read: (observable: Observable) => Prediction;
}

/**
 * Prepares a system at a moment: it is solved once for any number of predictions.
 * @param bench plan or wiring as found, at its line volts
 * @param moment outdoor and room temperature, the call, and the simulated scenario
 */
export const observer = (model: JobModel, bench: Bench, moment: Moment, given: Given = {}): Observer => {
  const { facts } = model;
  const state = bench.at(facts, moment);
  const { kitVolts, seconds: atSecond, ails = NO_EQUIPMENT_FAULTS } = given;
  const works = once(() =>
    operatingState(facts, bench, moment, state, ails, {
      ...(kitVolts === undefined ? {} : { volts: kitVolts }),
      ...(atSecond === undefined ? {} : { seconds: atSecond }),
    }),
  );
  return {
    state,
    works,
    read: (observable) => kindOf(observable).read({ model, bench, moment, state, given, works }, observable),
  };
};

/**
 * Predicts a reading.
 * @param bench plan or wiring as found, at its line volts
 * @param moment outdoor and room temperature, and the simulated scenario; the observation's own call counts
 * @example
 * predict(model, model.sound, DEFAULT_MOMENT, { call: 'heat-1', observable: { kind: 'sight', coil: 'contactor' } });
 */
export const predict = (
  model: JobModel,
  bench: Bench,
  moment: Moment,
  { observable, call }: Observation,
  given: Given = {},
): Prediction => observer(model, bench, call === null ? moment : { ...moment, call }, given).read(observable);
