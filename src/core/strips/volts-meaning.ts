import { roundTo } from '../units/round';

/** What a supply reading means where it is not what the service should give; null where it is. */
export interface VoltsMeaning {
  readonly means: string;
  readonly next: string;
}

/** A supply may stray this share from the service's nominal volts. Source: ANSI C84.1, range A. */
export const SERVICE_TOLERANCE = 0.05;

/** Nominal services that a reading may be of, V. Source: ANSI C84.1. */
const OTHER_SERVICES = [120, 208, 240, 277, 480];

/**
 * Explains a supply reading, leg to leg.
 * @param volts as read
 * @param serviceVolts what the service should give
 * @param tolerance share that it may stray
 */
export const voltsMeaning = (
  volts: number,
  serviceVolts: number,
  tolerance = SERVICE_TOLERANCE,
): VoltsMeaning | null => {
  if (Math.abs(volts - serviceVolts) <= tolerance * serviceVolts) return null;
  if (volts < 10) return { means: 'Dead.', next: 'Breaker, disconnect, fuses: both poles.' };
  if (volts > serviceVolts * 0.45 && volts < serviceVolts * 0.6) {
    return {
      means: 'Half the volts: one leg is lost, or the reading is leg to ground.',
      next: 'Leg to leg, then each leg to ground, at the breaker and here.',
    };
  }
  const other = OTHER_SERVICES.find((each) => each !== serviceVolts && Math.abs(volts - each) <= 0.03 * each);
  if (other !== undefined && Math.abs(other - serviceVolts) > 15) {
    return {
      means: `This is a service of ${other} V, not of ${serviceVolts} V.`,
      next: `Correct the service on the Sheet if it is so; a kit rated otherwise gives ${roundTo((volts / serviceVolts) ** 2 * 100, 0)} % of its heat.`,
    };
  }
  return volts < serviceVolts
    ? {
        means: 'Low supply: heat falls with the square of the volts.',
        next: 'Again under load and at the panel: a drop between the two is the conductor or a lug; low at the panel is for the utility.',
      }
    : { means: 'High supply.', next: 'Read at the panel; high there too is for the utility.' };
};
