import type { Facts } from '../job/document';
import type { Harness } from '../wiring/harness';
import { air } from './air';
import type { Cause } from './cause';
import { together } from './entry';
import { furnaceCauses } from './furnace';
import { nothing } from './nothing';
import { outdoors } from './outdoors';
import { sensor } from './sensor';
import { settings } from './settings';
import { strips } from './strips';
import { supply } from './supply';
import { wireCauses } from './wires';

const all = together(nothing, wireCauses, settings, sensor, strips, air, supply, outdoors, furnaceCauses);

/** All causes in the catalog that a system can have, and “nothing wrong”. */
export const causesOf = (facts: Facts, harness: Harness): readonly Cause[] => all(facts, harness);
