import type { Facts } from '../job/document';
import type { Rule } from '../job/finding';
import { coolingAir } from './cooling-air';
import { defrostControl } from './defrost-control';
import { furnaceInput } from './furnace-input';
import { furnaceRise } from './furnace-rise';
import { limitsInOrder } from './limits-in-order';
import { supplyLimit } from './supply-limit';

/** Nameplates and settings that contradict each other, or cannot be right on any such system. */
export const NAMEPLATE_RULES: readonly Rule<Facts>[] = [
  limitsInOrder,
  furnaceInput,
  furnaceRise,
  coolingAir,
  supplyLimit,
  defrostControl,
];
