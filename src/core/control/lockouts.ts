import type { Facts } from '../job/document';

/** Whether the thermostat knows the outdoor temperature; without it there are no lockouts. */
export const knowsOutdoor = (facts: Facts): boolean => facts.thermostat.outdoorSensor !== 'none';

/** The lockouts in effect, °F; null: none. */
export const lockoutsInForce = (
  facts: Facts,
): { readonly compressorBelowF: number | null; readonly auxAboveF: number | null } =>
  knowsOutdoor(facts)
    ? { compressorBelowF: facts.gates.compressorBelowF, auxAboveF: facts.gates.auxAboveF }
    : { compressorBelowF: null, auxAboveF: null };
