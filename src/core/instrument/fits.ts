import { METERS, type Observation } from '../model/observable';
import { keptUnit, OUTDOOR_CHANNEL, type Shown } from './shown';

/** Whether what an instrument's input shows can be taken as a reading; and why not, where someone should know. */
export type Fit = { readonly fits: true } | { readonly fits: false; readonly why: string | null };

const NOT_OF_THIS: Fit = { fits: false, why: null };

/** Between the two kinds of voltmeter inputs, Ω: under it an input counts as low impedance. */
const LOW_BELOW_OHMS = 100e3;

const isOutdoors = (of: Observation | undefined) =>
  of?.observable.kind === 'temperature' && of.observable.at === 'outdoor';

/**
 * Whether an instrument's input fits an item.
 * @param of what the item reads, where it is something that can be
 * @param unit in which the item's readings are kept
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
