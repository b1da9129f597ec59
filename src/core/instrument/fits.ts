import { METERS, type Observation } from '../model/observable';
import { keptUnit, OUTDOOR_CHANNEL, type Shown } from './shown';

/** Whether an instrument's input can be used for a reading, and why not. */
export type Fit = { readonly fits: true } | { readonly fits: false; readonly why: string | null };

const NOT_OF_THIS: Fit = { fits: false, why: null };

/** Boundary between the two kinds of voltmeter inputs, Ω: below it an input is low impedance. */
const LOW_BELOW_OHMS = 100e3;

const isOutdoors = (of: Observation | undefined) =>
  of?.observable.kind === 'temperature' && of.observable.at === 'outdoor';

/**
 * Whether an instrument's input fits an item.
 * @param of what the item reads, if observable
 * @param unit of the item's readings
 */
export const fitOf = (
  of: Observation | undefined,
  unit: string,
  shown: Pick<Shown, 'unit' | 'channel' | 'ohms'>,
): Fit => {
  if (keptUnit(shown.unit) !== unit) return NOT_OF_THIS;
  if ((shown.channel === OUTDOOR_CHANNEL) !== isOutdoors(of) && shown.channel !== '') return NOT_OF_THIS;
  if (of?.observable.kind !== 'volts' || shown.ohms === null) return { fits: true };
  const wantsLow = METERS[of.observable.meter].ohms < LOW_BELOW_OHMS;
  if (wantsLow && shown.ohms >= LOW_BELOW_OHMS)
    return { fits: false, why: 'Take this reading on low impedance (LoZ): set the meter to it.' };
  return { fits: true };
};
