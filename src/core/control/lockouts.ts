import type { Facts } from '../job/document';

/** Whether the thermostat knows the outdoor temperature; without it the lockouts do not exist. */
export const knowsOutdoor = (facts: Facts): boolean => facts.thermostat.outdoorSensor !== 'none';

/** The lockouts that are in force, °F; null where none is. */
export const lockoutsInForce = (
  facts: Facts,
): { readonly compressorBelowF: number | null; readonly auxAboveF: number | null } =>
  knowsOutdoor(facts)
    ? { compressorBelowF: facts.gates.compressorBelowF, auxAboveF: facts.gates.auxAboveF }
    : { compressorBelowF: null, auxAboveF: null };
