import { roundTo } from '../units/round';

/** Meaning of a supply reading outside tolerance; null if within. */
export interface VoltsMeaning {
  readonly means: string;
  readonly next: string;
}

/** Tolerance of a supply against nominal volts. Source: ANSI C84.1, range A. */
export const SERVICE_TOLERANCE = 0.05;

/** Load on a supply. */
export type Fed = 'strips' | 'motor' | 'furnace';

const LOW_MEANS: Readonly<Record<Fed, string>> = {
  strips: 'Low line voltage: heat drops with the square of the voltage.',
  motor: 'Low line voltage: motors run hot and start hard.',
  furnace: 'Low line voltage: transformer output drops, and the blower and igniter weaken.',
};

/** A leg-to-neutral service, V. */
const ONE_LEG_VOLTS = 120;

/** Nominal services that a reading may belong to, V. Source: ANSI C84.1. */
const OTHER_SERVICES = [120, 208, 240, 277, 480];

/**
 * Explains a supply reading: leg to leg, or leg to neutral on a single-leg service.
 * @param volts as read
 * @param serviceVolts nominal volts
 * @param tolerance allowed deviation, as a share
 * @param feeds the load: what low volts do to it
 */
export const voltsMeaning = (
  volts: number,
  serviceVolts: number,
  tolerance = SERVICE_TOLERANCE,
  feeds: Fed = 'strips',
): VoltsMeaning | null => {
  if (Math.abs(volts - serviceVolts) <= tolerance * serviceVolts) return null;
  const hasTwoLegs = serviceVolts > ONE_LEG_VOLTS;
  if (volts < 10)
    return {
      means: 'Dead.',
      next: hasTwoLegs
        ? 'Check breaker, disconnect and fuses, both poles.'
        : 'Check the breaker, the service switch and the door switch.',
    };
  if (hasTwoLegs && volts > serviceVolts * 0.45 && volts < serviceVolts * 0.6) {
    return {
      means: 'Half the volts: one leg is lost, or the reading is leg to ground.',
      next: 'Leg to leg, then each leg to ground, at the breaker and here.',
    };
  }
  const other = OTHER_SERVICES.find((each) => each !== serviceVolts && Math.abs(volts - each) <= 0.03 * each);
  if (other !== undefined && Math.abs(other - serviceVolts) > 15) {
    return {
      means: `This is a service of ${other} V, not of ${serviceVolts} V.`,
      next:
        feeds === 'strips'
          ? `If so, correct the service voltage on the Survey; a kit with another rating makes ${roundTo((volts / serviceVolts) ** 2 * 100, 0)} % of its heat.`
          : 'Read its plate before anything runs on it.',
    };
  }
  return volts < serviceVolts
    ? {
        means: LOW_MEANS[feeds],
        next: 'Measure again under load and at the panel. A drop between them is the wire or a lug; low at the panel, call the utility.',
      }
    : { means: 'High line voltage.', next: 'Read at the panel; if it is high there too, call the utility.' };
};
