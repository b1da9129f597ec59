import type { Moment } from '../control/moment';
import type { Facts } from '../job/document';
import { currentReadings, type Reading } from '../job/reading';
import { judge } from './judge';
import type { BuiltStep, Expectation, Item, StartupContext, StartupStep, Verdict } from './step';
import { STARTUP_STEPS } from './steps';

/** An item with what is expected of it, what was read, and the verdict. */
export interface PlannedItem {
  readonly key: string;
  readonly item: Item;
  readonly reading: Reading | undefined;
  /** For the place the reading was taken at, or the item's first. */
  readonly expected: Expectation;
  readonly verdict: Verdict | undefined;
}

export interface PlannedStep {
  readonly step: Pick<StartupStep, 'id' | 'title' | 'why'>;
  readonly built: BuiltStep;
  readonly items: readonly PlannedItem[];
}

/** What is expected of an item at a place, and the verdict on a value there. */
export const planItem = (step: string, item: Item, reading: Reading | undefined): PlannedItem => {
  const place = reading?.place ?? item.places?.[0]?.id ?? null;
  return {
    key: `${step}/${item.id}`,
    item,
    reading,
    expected: item.expect(place),
    verdict: reading && judge(item, reading.value, place),
  };
};

/**
 * The whole startup of a job: steps that apply, each item with its expected value and, where it was read, the verdict.
 * Later expectations use earlier readings: outdoor temperature, volts at the kit, return air.
 * @param moment stands in for conditions that were not measured yet
 */
export const startupPlan = (facts: Facts, readings: readonly Reading[], moment: Moment): PlannedStep[] => {
  // A tick that was taken back is history, and the item open again.
  const standing = new Map([...currentReadings(readings)].filter(([, { value }]) => value !== 'undone'));
  const context: StartupContext = { facts, readings: standing, moment };
  return STARTUP_STEPS.filter((step) => step.applies(facts)).map((step) => {
    const built = step.build(context);
    return {
      step: { id: step.id, title: step.title, why: step.why },
      built,
      items: built.items.map((item) => planItem(step.id, item, context.readings.get(`${step.id}/${item.id}`))),
    };
  });
};

/** How far a startup is: items judged by grade, and those still open. */
export interface StartupTally {
  readonly open: number;
  readonly pass: number;
  readonly warn: number;
  readonly fail: number;
  readonly noted: number;
}

/** Counts the items of some steps by verdict. */
export const tally = (steps: readonly PlannedStep[]): StartupTally => {
  const count = { open: 0, pass: 0, warn: 0, fail: 0, noted: 0 };
  for (const { verdict } of steps.flatMap(({ items }) => items)) count[verdict?.grade ?? 'open']++;
  return count;
};

/** A step's own verdict: its worst item; open while anything is. */
export const stepGrade = (planned: PlannedStep): 'fail' | 'warn' | 'open' | 'pass' => {
  const { open, warn, fail } = tally([planned]);
  return fail > 0 ? 'fail' : warn > 0 ? 'warn' : open > 0 ? 'open' : 'pass';
};
