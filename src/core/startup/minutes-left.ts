import type { PlannedItem, PlannedStep } from './planned';
import type { Item } from './step';

/** Seconds per item once the system is ready, by unit. Our judgment. */
const ITEM_S: Readonly<Record<string, number>> = {
  '': 30,
  V: 25,
  A: 40,
  Ω: 60,
  '°F': 60,
  'in. w.c.': 120,
  s: 90,
  min: 60,
};
const OTHER_S = 60;
/** Seconds for getting to the step, reading instructions and setting the call. */
export const STEP_S = 90;

/** Seconds to take an item's reading once the system is ready. */
export const readSeconds = ({ unit }: Item): number => ITEM_S[unit] ?? OTHER_S;

const isOpen = ({ verdict, leftOut }: PlannedItem) => !verdict && !leftOut;

/**
 * Minutes left in a startup: each open item, each step's overhead and longest wait; waits of finished steps do not
 * count.
 */
export const minutesLeft = (steps: readonly PlannedStep[]): number => {
  let seconds = 0;
  for (const { built, items } of steps) {
    const open = items.filter(isOpen);
    if (open.length === 0) continue;
    const reading = open.reduce((sum, { item }) => sum + readSeconds(item), 0);
    const wait = Math.max(0, ...built.waits.map((each) => each.seconds));
    // While the system runs steady, the step's other readings are taken.
    seconds += STEP_S + Math.max(reading, wait);
  }
  return Math.ceil(seconds / 60);
};
