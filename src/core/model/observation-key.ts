import { CALL_IDS, type CallId } from '../control/moment';
import type { Facts } from '../job/document';
import { currentReadings, notMeasured, type Reading, type TakenReading, type UntakenReading } from '../job/reading';
import { type ClampAt, clampId, clampPlaces, clampReach } from '../strips/clamp';
import type { EvidenceKeys } from '../strips/evidence';
import { METERS, type Observation } from './observable';
import { kindOf } from './observables';
import { clampName } from './observables/clamp-name';

/** First half of a key: the startup step of a reading on that call. */
const CALL_PLACES: Record<CallId, string> = {
  off: 'control-volts',
  fan: 'fan',
  'heat-1': 'heat',
  'heat-2': 'heat-2',
  'heat-aux': 'heat-aux',
  emergency: 'emergency',
  'cool-1': 'cool',
  'cool-2': 'cool-2',
  defrost: 'defrost',
};

/** Whether a reading's key belongs to a call. */
export const isOfCall = (item: string, call: CallId): boolean => item.startsWith(`${CALL_PLACES[call]}/`);

/**
 * Key of a reading: one measurement, one key, whatever page it is entered on.
 * @example
 * // 'heat-aux/amps-main' of a kit with two circuits
 * observationKey(facts, { call: 'heat-aux', observable: { kind: 'amps', clamp: { kind: 'main' } } });
 */
export const observationKey = (facts: Facts, { observable, call }: Observation): string =>
  kindOf(observable).key(observable, call === null ? 'any' : CALL_PLACES[call], facts);

/** Call of a reading taken on the Strips page, stored in the place of the clamp. */
const stripsCall = ({ place }: Reading): CallId => CALL_IDS.find((call) => call === place) ?? 'heat-aux';

/** Clamp places on a feed that includes the blower. */
export const WITH_BLOWER_PLACE = 'with-blower';

/** Converts a reading with an older key to its present key. */
const renamed = (facts: Facts, reading: Reading): Reading => {
  const [place = '', name = ''] = reading.item.split('/');
  if (name === 'strip-volts') return { ...reading, item: stripKeys(facts).volts };
  if (place === 'furnace' && /^(volts-|return$|supply$|manifold$)/.test(name))
    return { ...reading, item: `emergency/${name}` };
  if (place !== 'strips' || !name.startsWith('amps-')) return reading;
  const clamp = clampPlaces(facts).find((each) => clampId(each) === name.slice('amps-'.length));
  if (!clamp) return reading;
  const item = observationKey(facts, { call: stripsCall(reading), observable: { kind: 'amps', clamp } });
  return { ...reading, item, place: clampPlaceOf(facts, clamp) };
};

/** Whether the blower is in the clamp, for clamp places that startup also reads. */
export const clampPlaceOf = (facts: Facts, clamp: ClampAt): string | null =>
  /^\d$/.test(clampName(facts, clamp)) && clampReach(facts, clamp).hasBlower ? WITH_BLOWER_PLACE : null;

/** Readings grouped by key: those of the same measurement are together. */
export const observed = (facts: Facts, readings: readonly Reading[]): Reading[] =>
  readings.map((reading) => renamed(facts, reading));

/** The reading that counts for each key. */
export const observedNow = (facts: Facts, readings: readonly Reading[]): ReadonlyMap<string, TakenReading> =>
  currentReadings(observed(facts, readings));

/** What was not measured, with the reason. */
export const leftUnmeasured = (facts: Facts, readings: readonly Reading[]): ReadonlyMap<string, UntakenReading> =>
  notMeasured(observed(facts, readings));

/** Meter impedance that a volt reading asked for, Ω; null if it asked for none. */
export const meterOhmsOf = (observation: Observation | undefined): number | null =>
  observation?.observable.kind === 'volts' ? METERS[observation.observable.meter].ohms : null;

/** Keys of the readings that identify a kit: volts under load, and main feed amps with everything on. */
export const stripKeys = (facts: Facts): EvidenceKeys => ({
  volts: observationKey(facts, { call: null, observable: { kind: 'line-volts', at: 'kit-1', isLoaded: true } }),
  mainAmps: observationKey(facts, { call: 'heat-aux', observable: { kind: 'amps', clamp: { kind: 'main' } } }),
});
