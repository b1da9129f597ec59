import type { TakenReading, UntakenReading } from '../job/reading';
import { judge } from './judge';
import type { BuiltStep, Expectation, Item, StartupStep, Verdict } from './step';

/** An item with what is expected of it, what was read, and the verdict. */
export interface PlannedItem {
  readonly key: string;
  readonly item: Item;
  readonly reading: TakenReading | undefined;
  /** Where it was left unmeasured: when, by whom and why. */
  readonly leftOut: UntakenReading | undefined;
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
export const planItem = (
  key: string,
  item: Item,
  reading: TakenReading | undefined,
  leftOut?: UntakenReading,
): PlannedItem => {
  const place = reading?.place ?? item.places?.[0]?.id ?? null;
  return {
    key,
    item,
    reading,
    leftOut,
    expected: item.expect(place),
    verdict: reading && judge(item, reading.value, place),
  };
};
