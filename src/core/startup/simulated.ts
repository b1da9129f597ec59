import type { Moment } from '../control/moment';
import { hasNoFaults, NO_FAULTS } from '../control/scenario';
import { sameValue } from '../job/document';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import type { Observation } from '../model/observable';
import type { Given, Prediction } from '../model/observables/definition';
import { observationKey } from '../model/observation-key';
import { predict } from '../model/predict';
import { decimalsOf } from '../units/decimals';
import { roundTo } from '../units/round';
import { kitVolts, numberRead, type StartupContext, startupContext } from './given';
import type { PlannedStep } from './planned';
import { stepMoment } from './step';

/** A narrower spread reads as one figure. */
const ONE_FIGURE = 1;

const predictionWords = (prediction: Prediction, unit: string): string | null => {
  const text = (value: number) => roundTo(value, decimalsOf(unit)).toFixed(decimalsOf(unit));
  switch (prediction.kind) {
    case 'open':
      return 'OL';
    case 'word':
      return prediction.word;
    case 'unknown':
      return null;
    case 'number': {
      const [low, high] = prediction.spread;
      const isGhost = unit === 'V' && high - low > ONE_FIGURE;
      return isGhost ? `anything from ${text(low)} to ${text(high)} V, a ghost` : `${text(prediction.value)} ${unit}`;
    }
  }
};

/** Values closer than this share of the larger read alike. Our judgment: a meter's error and the drift of a call. */
const ALIKE_SHARE = 0.04;

const readsAlike = (one: Prediction, other: Prediction): boolean => {
  if (one.kind !== 'number' || other.kind !== 'number') return sameValue(one, other);
  const isAlike = (a: number, b: number) => Math.abs(a - b) <= ALIKE_SHARE * Math.max(Math.abs(a), Math.abs(b));
  return isAlike(one.value, other.value) && one.spread.every((end, at) => isAlike(end, other.spread[at]!));
};

const givenOf = (context: StartupContext, { call }: Observation): Given => {
  const returnAir = { call, observable: { kind: 'temperature', at: 'return' } } as const;
  const returnF = numberRead(context, observationKey(context.facts, returnAir));
  return { kitVolts: kitVolts(context).volts, ...(returnF === undefined ? {} : { returnF }) };
};

/**
 * What a step's items would read under the simulation, by item key: only those that differ. Verdicts never depend on
 * it: readings are judged by a good system.
 */
export const simulatedReadings = (
  model: JobModel,
  readings: readonly Reading[],
  here: Moment,
  { built: { call }, items }: PlannedStep,
): ReadonlyMap<string, string> => {
  const { scenario, wall } = model;
  if (hasNoFaults(scenario)) return new Map();
  const context = startupContext(model, readings, here);
  const moment = stepMoment(context, call ?? here.call);
  return new Map(
    items.flatMap(({ key, item: { of, unit } }) => {
      if (!of) return [];
      const [tried, without] = [scenario, NO_FAULTS].map((each) =>
        predict(model, wall, { ...moment, scenario: each }, of, givenOf(context, of)),
      ) as [Prediction, Prediction];
      const words = predictionWords(tried, unit);
      return words === null || readsAlike(tried, without) ? [] : [[key, words]];
    }),
  );
};
