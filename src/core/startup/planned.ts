import type { FactPath, Facts } from '../job/document';
import { type ReadingValue, seenValue, type TakenReading, type UntakenReading } from '../job/reading';
import { handsOut, type SupplyState } from './energy';
import { judge } from './judge';
import type { BuiltStep, Expectation, Item, Verdict } from './step';

/** An item with its expectation, reading and verdict. */
export interface PlannedItem {
  readonly key: string;
  readonly item: Item;
  readonly reading: TakenReading | undefined;
  /** When, by whom and why it was not measured. */
  readonly leftOut: UntakenReading | undefined;
  /** Why it is locked for now: hands would go in before every supply of its cabinet is verified dead. */
  readonly heldShut: string | null;
  /** Whether what its tick verified dead was read live since. */
  readonly isLiveAgain: boolean;
  /** For the place of the reading, or the item's first place. */
  readonly expected: Expectation;
  readonly verdict: Verdict | undefined;
  /** Verdict on a value at a place, used while typing. */
  readonly judged: (value: ReadingValue, place: string | null) => Verdict;
}

/**
 * An item with the state of the supplies: locked where hands would go in live, its verification ended if a supply is
 * live.
 */
export const withEnergy = (facts: Facts, planned: PlannedItem, states: readonly SupplyState[]): PlannedItem => {
  const { item, reading } = planned;
  const own = states.find(({ id }) => id === item.proves);
  return {
    ...planned,
    heldShut: item.handsIn ? handsOut(facts, states, item.handsIn) : null,
    isLiveAgain: reading?.value === 'done' && own !== undefined && own.energy === 'live',
  };
};

export interface PlannedStep {
  readonly step: Record<'id' | 'title' | 'why', string>;
  readonly built: BuiltStep;
  readonly items: readonly PlannedItem[];
}

/**
 * Whether an item's last word leaves it open: withdrawn, at an intermediate stage, or done under conditions that have
 * changed, such as a lockout moved since.
 */
const isUnderWay = ({ stages = [], places }: Item, { value, place }: TakenReading): boolean =>
  value === 'undone' ||
  stages.some(({ word }) => value === seenValue(word)) ||
  (value === 'done' && places !== undefined && !places.some(({ id }) => id === place));

/** An item's expectation at a place, and the verdict on a value there. */
export const planItem = (
  key: string,
  item: Item,
  reading: TakenReading | undefined,
  leftOut?: UntakenReading,
  isAssumed?: (path: FactPath) => boolean,
): PlannedItem => {
  const place = reading?.place ?? item.places?.[0]?.id ?? null;
  const judged = (value: ReadingValue, at: string | null) => judge(item, value, at, isAssumed);
  return {
    key,
    item,
    reading,
    leftOut,
    heldShut: null,
    isLiveAgain: false,
    expected: item.expect(place),
    verdict: reading && !isUnderWay(item, reading) ? judged(reading.value, place) : undefined,
    judged,
  };
};
