import { lockoutsInForce } from '../control/lockouts';
import type { Facts } from '../job/document';
import type { Cause } from './cause';
import { type CauseEntry, entry, together } from './entry';

/** Lockouts of a thermostat whose sensor reads high by some °F; null: it has no reading and locks nothing out. */
const withGatesShifted = (facts: Facts, byF: number | null): Facts => {
  const { compressorBelowF, auxAboveF } = lockoutsInForce(facts);
  const shifted = (gateF: number | null) => (gateF === null || byF === null ? null : gateF - byF);
  return {
    ...facts,
    gates: { ...facts.gates, compressorBelowF: shifted(compressorBelowF), auxAboveF: shifted(auxAboveF) },
  };
};

/** Error of a sensor on a sunny wall, °F. Our judgment. */
const SUN_F = 20;

const sensorCause = (
  id: string,
  words: string,
  because: string,
  shownF: number | null,
  byF: number | null,
  rest: Pick<Cause, 'confirm' | 'fix'>,
): CauseEntry =>
  entry(
    {
      id: `sensor:${id}`,
      words,
      kind: 'settings',
      weight: 1,
      because,
      effect: { facts: (facts) => withGatesShifted(facts, byF), ails: { outdoorShownF: shownF } },
      ...rest,
      proves: ['conditions', 'heat', 'heat-aux'],
    },
    ({ thermostat }) => thermostat.outdoorSensor !== 'none',
  );

/** Causes in the thermostat's outdoor temperature. */
export const sensor: CauseEntry = together(
  sensorCause(
    'lost',
    'Outdoor sensor or its line open or shorted',
    'Leads landed next to 24 V, or a splice buried in the ground.',
    null,
    null,
    {
      confirm: 'Power off, leads lifted: compare ohms with the sensor table at the present temperature.',
      fix: 'Repair the leads or replace the sensor; never land them on 24 V.',
    },
  ),
  sensorCause(
    'sunlit',
    'Outdoor sensor in the sun or in the unit’s discharge air',
    'Mounted wherever the cable happened to come out.',
    SUN_F,
    SUN_F,
    {
      confirm: 'Compare a thermometer in the shade with the thermostat reading.',
      fix: 'Move it to a shaded wall, out of the unit’s discharge air.',
    },
  ),
);
