import type { Facts } from '../../job/document';
import type { Harness } from '../../wiring/harness';
import type { Cause } from '../cause';
import { air } from './air';
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

/** Everything that can be wrong with a system, and that nothing is: what the catalog has for it. */
export const causesOf = (facts: Facts, harness: Harness): readonly Cause[] => all(facts, harness);
