import type { Moment } from '../control/moment';
import type { FactPath, Facts } from '../job/document';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { observed } from '../model/observation-key';
import { withContradictions } from './contradictions';
import { supplyStates } from './energy';
import { startupContext } from './given';
import { itemKey } from './item-key';
import { planItem, type PlannedItem, type PlannedStep, withEnergy } from './planned';
import type { StartupStep } from './step';
import { STARTUP_STEPS } from './steps';

export type { PlannedItem, PlannedStep };

/**
 * A job's whole startup: applicable steps, each item with its expectation and, if read, its verdict. Later expectations
 * use earlier readings: outdoor temperature, line volts, volts at the kit, return air. Contradicting readings are
 * named, and neither passes.
 * @param moment for conditions that are not measured yet
 * @param confirmed confirmed facts: an assumed limit fails nothing; all count if not given
 */
export const startupPlan = (
  model: JobModel,
  readings: readonly Reading[],
  moment: Moment,
  confirmed?: ReadonlySet<FactPath>,
): PlannedStep[] => {
  const isAssumed = (path: FactPath) => confirmed !== undefined && !confirmed.has(path);
  const context = startupContext(model, readings, moment);
  const { facts } = model;
  const states = supplyStates(facts, readings);
  const steps = STARTUP_STEPS.filter((step) => step.applies(facts) && mayDo(step, facts, readings)).map((step) => {
    const built = step.build(context);
    return {
      step: {
        id: step.id,
        title: typeof step.title === 'string' ? step.title : step.title(facts),
        why: typeof step.why === 'string' ? step.why : step.why(facts),
      },
      built,
      items: built.items.map((item) => {
        const key = itemKey(facts, step.id, item);
        const planned = planItem(key, item, context.readings.get(key), context.notMeasured.get(key), isAssumed);
        return withEnergy(facts, planned, states);
      }),
    };
  });
  return withContradictions(context, steps);
};

/** Whether a step is for this crew: licensed work only for those who say so; existing readings stay. */
const mayDo = ({ id, license }: StartupStep, facts: Facts, readings: readonly Reading[]): boolean => {
  if (license === undefined) return true;
  if (license === 'fuel' ? facts.proof.fuelWork : facts.proof.refrigerantWork) return true;
  const isOfStep = (item: string) => item.startsWith(`${id}/`) || (id === 'gas' && item === MANIFOLD_ITEM);
  return observed(facts, readings).some(({ item }) => isOfStep(item));
};

/** Before, anyone could read manifold pressure. */
const MANIFOLD_ITEM = 'emergency/manifold';

/** Progress of a startup: items by verdict, and open ones. */
export interface StartupTally {
  readonly open: number;
  readonly pass: number;
  readonly warn: number;
  readonly fail: number;
  readonly noted: number;
  /** Not measured, with a reason. */
  readonly leftOut: number;
}

/** Counts the items of some steps by verdict. */
export const tally = (steps: readonly PlannedStep[]): StartupTally => {
  const count = { open: 0, pass: 0, warn: 0, fail: 0, noted: 0, leftOut: 0 };
  for (const { verdict, leftOut } of steps.flatMap(({ items }) => items))
    count[verdict?.grade ?? (leftOut ? 'leftOut' : 'open')]++;
  return count;
};

/** Verdict of a step: its worst item; open while any item is. */
export const stepGrade = (planned: PlannedStep): 'fail' | 'warn' | 'open' | 'pass' => {
  const { open, warn, fail } = tally([planned]);
  return fail > 0 ? 'fail' : warn > 0 ? 'warn' : open > 0 ? 'open' : 'pass';
};
