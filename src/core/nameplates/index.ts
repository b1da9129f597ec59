import type { Facts } from '../job/document';
import type { Rule } from '../job/finding';
import { coolingAir } from './cooling-air';
import { defrostControl } from './defrost-control';
import { furnaceInput } from './furnace-input';
import { furnaceRise } from './furnace-rise';
import { limitsInOrder } from './limits-in-order';
import { supplyLimit } from './supply-limit';

/** What nameplates and settings say that cannot be right together, or for any such system. */
export const NAMEPLATE_RULES: readonly Rule<Facts>[] = [
  limitsInOrder,
  furnaceInput,
  furnaceRise,
  coolingAir,
  supplyLimit,
  defrostControl,
];
