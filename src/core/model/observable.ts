import { CALL_IDS, type CallId } from '../control/moment';
import { indoorId, outdoorId } from '../devices';
import { compressorMarks } from '../devices/board/indoor-strip';
import type { DeviceId } from '../devices/device';
import { furnaceInputs } from '../devices/furnace';
import type { CoilId } from '../devices/ids';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { currentReadings, notMeasured, type Reading, type TakenReading, type UntakenReading } from '../job/reading';
import { type ClampAt, clampId, clampPlaces, clampReach } from '../strips/clamp';
import type { EvidenceKeys } from '../strips/evidence';
import { jobKit } from '../strips/from-job';
import { type CableId, refText, type TerminalRef } from '../wiring/harness';
import type { SeenId } from './seen';

/** Input of a voltmeter: the usual 10 MΩ, or low impedance of about 3 kΩ, which removes ghost voltage. */
export const METERS = {
  high: { label: 'Usual setting', ohms: 10e6 },
  low: { label: 'Low impedance', ohms: 3e3 },
} as const;
export type MeterSetting = keyof typeof METERS;

/** Where line volts are read. */
export type LineSupply = `kit-${number}` | 'air-handler' | 'outdoor';

/** Anything that can be measured, seen or timed on a system. */
export type Observable =
  /** Control volts between two terminals. */
  | { readonly kind: 'volts'; readonly between: readonly [TerminalRef, TerminalRef]; readonly meter: MeterSetting }
  /** Ohms between two terminals, power off. */
  | { readonly kind: 'ohms'; readonly between: readonly [TerminalRef, TerminalRef] }
  /** Cold ohms of an element, counted from 0. */
  | { readonly kind: 'element-ohms'; readonly element: number }
  /** Amps of heat kit and blower at a clamp place. */
  | { readonly kind: 'amps'; readonly clamp: ClampAt }
  | { readonly kind: 'motor-amps'; readonly of: 'compressor' | 'fan' }
  | { readonly kind: 'line-volts'; readonly at: LineSupply; readonly isLoaded: boolean }
  | { readonly kind: 'temperature'; readonly at: 'outdoor' | 'indoor' | 'return' | 'supply' }
  | { readonly kind: 'pressure'; readonly at: 'static' | 'manifold' }
  /** A control's display: on or blank. */
  | { readonly kind: 'display'; readonly of: 'thermostat' | 'outdoor-board' }
  /** Whether a coil is visibly or audibly pulled in. */
  | { readonly kind: 'sight'; readonly coil: CoilId }
  | { readonly kind: 'time'; readonly of: 'defrost' | 'switches' }
  /** What is seen or heard, as one of a few words. */
  | { readonly kind: 'seen'; readonly what: SeenId }
  /** Whether a setting is found as planned. */
  | { readonly kind: 'setting'; readonly look: string }
  /** Capacitance relative to its label, %. Power off, discharged. */
  | { readonly kind: 'capacitor'; readonly of: 'compressor' | 'fan' }
  /** Cold ohms of a part in series with an element. */
  | { readonly kind: 'part-ohms'; readonly element: number; readonly part: 'link' | 'limit' }
  /** Ohms of the compressor's run winding, common to run. */
  | { readonly kind: 'winding-ohms' }
  /** Every rung of the kit checked with an ohmmeter: which part is open. */
  | { readonly kind: 'rungs' }
  /** Every rung of the kit checked with a clamp: which draw current. */
  | { readonly kind: 'rung-amps' }
  /** Every conductor of a cable lifted at both ends and checked: which is open, which two touch. */
  | { readonly kind: 'cable'; readonly cable: CableId }
  /** A terminal strip inspected and tugged: conductors by color, screws, jumpers. */
  | { readonly kind: 'strip'; readonly device: DeviceId }
  /** Every terminal of a strip read to its common: which are hot. */
  | { readonly kind: 'hot'; readonly device: DeviceId }
  /** What still runs with the thermostat off its base. */
  | { readonly kind: 'pulled' }
  /** Flame current, µA. */
  | { readonly kind: 'flame-current' };

/** An observable on a call; null if the call does not matter. */
export interface Observation {
  readonly observable: Observable;
  readonly call: CallId | null;
}

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

const slug = (text: string) => text.replace(/[^a-z0-9]+/gi, '-');

/** A terminal by its function, so that readings stay with it when its mark or device is corrected. */
const pointName = (facts: Facts, { device, mark }: TerminalRef): string => {
  const isIndoors = device === indoorId(facts);
  if (device === outdoorId(facts)) {
    if (mark === compressorMarks(facts)[0]) return 'outdoor-unit-Y';
    if (mark === facts.outdoorUnit.reversingValve) return 'outdoor-unit-valve';
    if (mark === 'W-out') return 'outdoor-unit-W';
    if (!isIndoors) return `outdoor-unit-${slug(mark)}`;
  }
  if (isIndoors)
    return `air-handler-${backupOf(facts) === 'fossil' && mark === furnaceInputs(facts)[0] ? 'W1' : slug(mark)}`;
  return `${device}-${slug(mark)}`;
};

const isOwnCommon = (facts: Facts, [one, other]: readonly [TerminalRef, TerminalRef]) =>
  other.mark === 'C' && (other.device === one.device || other.device === indoorId(facts));

const betweenName = (facts: Facts, between: readonly [TerminalRef, TerminalRef]): string =>
  isOwnCommon(facts, between)
    ? pointName(facts, between[0])
    : [...between]
        .sort((a, b) => refText(a).localeCompare(refText(b)))
        .map((ref) => pointName(facts, ref))
        .join('-to-');

/** Clamp place in a key: a circuit by its number; the main feed of a one-circuit kit is that circuit. */
const clampName = (facts: Facts, clamp: ClampAt): string => {
  if (clamp.kind === 'circuit') return String(clamp.at + 1);
  const isOnly = clamp.kind === 'main' && jobKit(facts, facts.heatKit.ratedVolts).circuits.length === 1;
  return isOnly ? '1' : clampId(clamp);
};

const observableName = (facts: Facts, observable: Observable, place: string): string => {
  switch (observable.kind) {
    case 'volts':
      return `${place}/volts-${betweenName(facts, observable.between)}${observable.meter === 'low' ? '-low' : ''}`;
    case 'ohms':
      return `power-off/ohms-${betweenName(facts, observable.between)}`;
    case 'element-ohms':
      return `element-ohms/ohms-${observable.element + 1}`;
    case 'amps':
      return `${place}/amps-${clampName(facts, observable.clamp)}`;
    case 'motor-amps':
      return `${place}/${observable.of}-amps`;
    case 'line-volts':
      if (!observable.isLoaded) return `supply-volts/${observable.at}`;
      return observable.at.startsWith('kit-') ? 'strips/volts' : `${place}/volts-${observable.at}`;
    case 'temperature':
      return observable.at === 'outdoor' || observable.at === 'indoor'
        ? `conditions/${observable.at}`
        : `${place}/${observable.at}`;
    case 'pressure':
      return `${place}/${observable.at}`;
    case 'display':
      return `${place}/display-${observable.of}`;
    case 'sight':
      return `${place}/seen-${slug(observable.coil)}`;
    case 'time':
      return observable.of === 'defrost' ? 'defrost/minutes' : `${place}/switches`;
    case 'seen':
      return `${place}/look-${observable.what}`;
    case 'setting':
      return `settings/${observable.look}`;
    case 'capacitor':
      return `power-off/capacitor-${observable.of}`;
    case 'part-ohms':
      return `element-ohms/${observable.part}-${observable.element + 1}`;
    case 'winding-ohms':
      return 'power-off/compressor-windings';
    case 'rungs':
      return 'element-ohms/rungs';
    case 'rung-amps':
      return `${place}/rung-amps`;
    case 'cable':
      return `power-off/cable-${slug(observable.cable)}`;
    case 'strip':
      return `power-off/strip-${observable.device}`;
    case 'hot':
      return `${place}/hot-${observable.device}`;
    case 'pulled':
      return 'control-volts/thermostat-pulled';
    case 'flame-current':
      return `${place}/flame-current`;
  }
};

/**
 * Key of a reading: one measurement, one key, whatever page it is entered on.
 * @example
 * // 'heat-aux/amps-main' of a kit with two circuits
 * observationKey(facts, { call: 'heat-aux', observable: { kind: 'amps', clamp: { kind: 'main' } } });
 */
export const observationKey = (facts: Facts, { observable, call }: Observation): string =>
  observableName(facts, observable, call === null ? 'any' : CALL_PLACES[call]);

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
