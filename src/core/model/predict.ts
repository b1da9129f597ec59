import { isFloating, readVolts, readVoltsThrough } from '../circuit/meter';
import { readOhms } from '../circuit/ohms';
import { freezesAt } from '../control/coil';
import type { Moment } from '../control/moment';
import { heatNow } from '../crossing/heat-now';
import { OUTDOOR_POWER, THERMOSTAT_POWER } from '../devices/ids';
import type { FactPath } from '../job/document';
import { type ClampAt, expectedAmps } from '../strips/clamp';
import { elementOhms } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { ladderState } from '../strips/ladder-state';
import { OHMS_HIGH_SHARE, OHMS_LOW_SHARE } from '../strips/tolerance';
import { temperatureRiseF } from '../units/air';
import type { FuelKind } from '../units/constants';
import { refText } from '../wiring/harness';
import type { Bench, WiringState } from '../wiring/state';
import type { JobBasis } from './basis';
import { METERS, type Observable, type Observation } from './observable';

/** What something reads on a system: a figure with its spread, an open circuit, a word, or what is missing to say. */
export type Prediction =
  | {
      readonly kind: 'number';
      readonly value: number;
      /** Where the reading may lie though nothing is wrong: the ghost of a floating terminal, an inverter's span. */
      readonly spread: readonly [number, number];
    }
  | { readonly kind: 'open' }
  | { readonly kind: 'word'; readonly word: string }
  | { readonly kind: 'unknown'; readonly needs: string; readonly fact?: FactPath };

/** What was measured besides, as far as a prediction hangs on it. */
export interface Given {
  /** Line volts at the kit, V; the service's where nobody has read them. */
  readonly kitVolts?: number;
  /** Air that comes back, °F; the room's where nobody has read it. */
  readonly returnF?: number;
  /** Seconds since the call began; once every switch has moved, unless said. */
  readonly seconds?: number;
}

const number = (value: number, spread: readonly [number, number] = [value, value]): Prediction => ({
  kind: 'number',
  value,
  spread,
});
const word = (is: boolean, yes: string, no: string): Prediction => ({ kind: 'word', word: is ? yes : no });

/** A floating terminal picks up anything from nothing to about half of the supply, by capacitance. */
const GHOST_SHARE_OF_SUPPLY = 0.5;

/**
 * Manifold pressure, in. w.c., where the plate says nothing else; oil has none. Source: the trade; the plate decides.
 */
export const MANIFOLD_IN_WC: Record<FuelKind, number | null> = { 'natural-gas': 3.5, propane: 10, 'fuel-oil': null };

/** What is asked, of which state. */
interface Asked {
  readonly basis: JobBasis;
  readonly bench: Bench;
  readonly moment: Moment;
  readonly state: WiringState;
  readonly given: Given;
}

const voltsBetween = ({ state }: Asked, { between, meter }: Extract<Observable, { kind: 'volts' }>): Prediction => {
  const [one, other] = between.map(refText) as [string, string];
  if (meter === 'low') return number(readVoltsThrough(state.network, one, other, METERS.low.ohms));
  const value = readVolts(state.solution, one, other);
  if (!isFloating(state.network, one) && !isFloating(state.network, other)) return number(value);
  return number(value, [0, Math.max(value, GHOST_SHARE_OF_SUPPLY * state.network.source.volts)]);
};

const kitAmps = ({ basis, bench, moment, given }: Asked, clamp: ClampAt): Prediction => {
  const { facts } = basis;
  const volts = given.kitVolts ?? facts.heatKit.serviceVolts;
  const { rungs, blower } = ladderState(facts, bench, moment, given.seconds ?? Infinity, volts);
  const on = new Set(rungs.filter(({ isClosed }) => isClosed).map(({ rung }) => rung.at));
  return number(expectedAmps(facts, clamp, on, blower.runs, volts));
};

const supplyAirF = ({ basis, state, moment, given }: Asked): Prediction => {
  const { facts } = basis;
  if (moment.call === 'defrost') return { kind: 'unknown', needs: 'a steady call: a defrost is none' };
  const { heatPumpBtuh, totalBtuh } = heatNow(facts, state, moment.outdoorF);
  const cfm = totalBtuh > heatPumpBtuh ? facts.airHandler.auxCfm : facts.airHandler.heatCfm;
  return number((given.returnF ?? moment.indoorF) + temperatureRiseF(totalBtuh, cfm, facts.site.elevationFt));
};

const temperature = (asked: Asked, at: Extract<Observable, { kind: 'temperature' }>['at']): Prediction => {
  switch (at) {
    case 'outdoor':
      return number(asked.moment.outdoorF);
    case 'indoor':
      return number(asked.moment.indoorF);
    case 'return':
      return number(asked.given.returnF ?? asked.moment.indoorF);
    case 'supply':
      return supplyAirF(asked);
  }
};

const pressure = ({ basis }: Asked, at: 'static' | 'manifold'): Prediction => {
  if (at === 'static')
    return {
      kind: 'unknown',
      needs: 'the ducts: only the blower table’s most is known',
      fact: 'airHandler.maxStaticInWc',
    };
  const aim = MANIFOLD_IN_WC[basis.facts.furnace.fuel];
  return aim === null ? { kind: 'unknown', needs: 'the plate’s own pressure: oil has no manifold' } : number(aim);
};

const seconds = (asked: Asked, of: 'defrost' | 'switches'): Prediction => {
  const { basis, bench, moment } = asked;
  if (of === 'switches') return number(ladderState(basis.facts, bench, moment, 0, 0).settlesS);
  return freezesAt(moment.outdoorF)
    ? { kind: 'unknown', needs: 'how much ice there is' }
    : { kind: 'word', word: 'held: the coil is warm' };
};

const read = (asked: Asked, observable: Observable): Prediction => {
  const { basis, bench, moment, state, given } = asked;
  const { facts } = basis;
  switch (observable.kind) {
    case 'volts':
      return voltsBetween(asked, observable);
    case 'ohms': {
      const [one, other] = observable.between.map(refText) as [string, string];
      const off = bench.at(facts, { ...moment, call: 'off' });
      const ohms = readOhms(off.atRest, one, other);
      return ohms === 'OL' ? { kind: 'open' } : number(ohms);
    }
    case 'element-ohms': {
      const element = jobElements(facts)[observable.element];
      if (!element) return { kind: 'unknown', needs: 'the element, on the Sheet', fact: 'heatKit.elements' };
      const ohms = elementOhms(element);
      return number(ohms, [ohms * (1 - OHMS_LOW_SHARE), ohms * (1 + OHMS_HIGH_SHARE)]);
    }
    case 'amps':
      return kitAmps(asked, observable.clamp);
    case 'motor-amps': {
      const fact = observable.of === 'compressor' ? 'outdoorUnit.compressorRatedAmps' : 'outdoorUnit.fanRatedAmps';
      const rated =
        observable.of === 'compressor' ? facts.outdoorUnit.compressorRatedAmps : facts.outdoorUnit.fanRatedAmps;
      const runs = state.energised.has('contactor') && !(observable.of === 'fan' && state.signals.has('defrost'));
      if (!runs) return number(0);
      return rated === null
        ? { kind: 'unknown', needs: 'the plate’s amps, on the Sheet', fact }
        : number(rated, [0, rated]);
    }
    case 'line-volts':
      return number(observable.isLoaded ? (given.kitVolts ?? facts.heatKit.serviceVolts) : facts.heatKit.serviceVolts);
    case 'temperature':
      return temperature(asked, observable.at);
    case 'pressure':
      return pressure(asked, observable.at);
    case 'display': {
      const coil = observable.of === 'thermostat' ? THERMOSTAT_POWER : OUTDOOR_POWER;
      const isBattery = observable.of === 'thermostat' && facts.thermostat.power === 'battery';
      return word(isBattery || state.energised.has(coil), 'alive', 'blank');
    }
    case 'sight':
      return word(state.energised.has(observable.coil), 'in', 'out');
    case 'time':
      return seconds(asked, observable.of);
  }
};

/**
 * What something would read.
 * @param bench plan or wall, at the line volts it stands on
 * @param moment outdoor and room temperature, and the scenario that is tried; the observation's own call counts
 * @example
 * predict(basis, basis.sound, DEFAULT_MOMENT, { call: 'heat-1', observable: { kind: 'sight', coil: 'contactor' } });
 */
export const predict = (
  basis: JobBasis,
  bench: Bench,
  moment: Moment,
  { observable, call }: Observation,
  given: Given = {},
): Prediction => {
  const here = call === null ? moment : { ...moment, call };
  return read({ basis, bench, moment: here, state: bench.at(basis.facts, here), given }, observable);
};
