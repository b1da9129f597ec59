import type { Facts } from '../job/document';
import { airHandler } from './air-handler';
import type { Device } from './device';
import { outdoorUnit } from './outdoor-unit';
import { thermostat } from './thermostat';

/** The devices of a job, from the wall to the yard. */
export const devicesOf = (facts: Facts): readonly Device[] => [thermostat(facts), airHandler(facts), outdoorUnit(facts)];
