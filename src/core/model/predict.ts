import { isFloating, readVolts, readVoltsThrough } from '../circuit/meter';
import { readOhms } from '../circuit/ohms';
import { freezesAt } from '../control/coil';
import type { Moment } from '../control/moment';
import type { FaultCode } from '../control/scenario';
import { type DeviceId, hotScrews, nodeOf } from '../devices/device';
import { OUTDOOR_POWER, THERMOSTAT_POWER } from '../devices/ids';
import type { FactPath } from '../job/document';
import { indoorServiceVolts } from '../job/indoor-supply';
import { type ClampAt, expectedAmps } from '../strips/clamp';
import { elementOhms } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { ladderState } from '../strips/ladder-state';
import { OHMS_HIGH_SHARE, OHMS_LOW_SHARE } from '../strips/tolerance';
import { temperatureRiseF } from '../units/air';
import type { FuelKind } from '../units/constants';
import { once } from '../units/once';
import { faultsByCode, type NamedFault, showsInCable, showsOnStrip } from '../wiring/fault';
import { deviceIn, type Harness, refText } from '../wiring/harness';
import { areIsolated } from '../wiring/isolated';
import type { Bench, WiringState } from '../wiring/state';
import { type ElementFault, type EquipmentFaults, NO_EQUIPMENT_FAULTS } from './equipment-faults';
import type { JobModel } from './job-model';
import { METERS, type Observable, type Observation } from './observable';
import { type OperatingState, operatingState } from './operating-state';
import type { SeenId, SeenWord } from './seen';

/** A predicted reading: a number with its spread, an open circuit, a word, or what is missing for a prediction. */
export type Prediction =
  | {
      readonly kind: 'number';
      readonly value: number;
      /** Range on a good system: ghost voltage of a floating terminal, an inverter's span. */
      readonly spread: readonly [number, number];
    }
  | { readonly kind: 'open' }
  | { readonly kind: 'word'; readonly word: string }
  | { readonly kind: 'unknown'; readonly needs: string; readonly fact?: FactPath };

/** Other measurements that a prediction depends on. */
export interface Given {
  /** Line volts at the kit, V; default: the service's. */
  readonly kitVolts?: number;
  /** Return air temperature, °F; default: the room's. */
  readonly returnF?: number;
  /** Seconds since the call began; default: after every switch has moved. */
  readonly seconds?: number;
  /** Equipment faults; default: none. */
  readonly ails?: EquipmentFaults;
  /** Frost that a night like this leaves on the outdoor coil; default: unknown. */
  readonly night?: CoilNight;
}

/** Frost left on the outdoor coil after a simulated night. */
export interface CoilNight {
  readonly defrosts: number;
  /** Defrosts that ran to their maximum time. */
  readonly capped: number;
  readonly frostLeftLb: number;
}

const number = (value: number, spread: readonly [number, number] = [value, value]): Prediction => ({
  kind: 'number',
  value,
  spread,
});
const word = (is: boolean, yes: string, no: string): Prediction => ({ kind: 'word', word: is ? yes : no });

/** A floating terminal reads up to about half the supply, by capacitance. */
const GHOST_SHARE_OF_SUPPLY = 0.5;

/**
 * Manifold pressure, in. w.c., unless the plate says otherwise; oil has none. Source: trade practice.
 */
export const MANIFOLD_IN_WC: Record<FuelKind, number | null> = { 'natural-gas': 3.5, propane: 10, 'fuel-oil': null };

/** The question, and the state it is asked of. */
interface Asked {
  readonly model: JobModel;
  readonly bench: Bench;
  readonly moment: Moment;
  readonly state: WiringState;
  readonly given: Given;
  readonly works: () => OperatingState;
}

const voltsBetween = ({ state }: Asked, { between, meter }: Extract<Observable, { kind: 'volts' }>): Prediction => {
  const [one, other] = between.map(refText) as [string, string];
  if (areIsolated(state.network, one, other))
    return number(0, [0, meter === 'low' ? 0 : GHOST_SHARE_OF_SUPPLY * state.network.source.volts]);
  if (meter === 'low') return number(readVoltsThrough(state.network, one, other, METERS.low.ohms));
  const value = readVolts(state.solution, one, other);
  if (!isFloating(state.network, one) && !isFloating(state.network, other)) return number(value);
  return number(value, [0, Math.max(value, GHOST_SHARE_OF_SUPPLY * state.network.source.volts)]);
};

const kitAmps = (asked: Asked, clamp: ClampAt): Prediction => {
  const { elementsOn, isBlowerCalled, isTripping, kitVolts } = asked.works();
  const full = expectedAmps(asked.model.facts, clamp, elementsOn, isBlowerCalled, kitVolts);
  // Limits that cycle: any value in between.
  return isTripping ? number(full / 2, [0, full]) : number(full);
};

const supplyAirF = (asked: Asked): Prediction => {
  const { model, moment, given } = asked;
  if (moment.call === 'defrost') return { kind: 'unknown', needs: 'a steady call (a defrost is not one)' };
  const { totalBtuh, cfm } = asked.works();
  if (cfm === 0) return { kind: 'unknown', needs: 'airflow' };
  return number((given.returnF ?? moment.indoorF) + temperatureRiseF(totalBtuh, cfm, model.facts.site.elevationFt));
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

/** Typical external static pressure relative to the table's maximum. Our judgment. */
const STATIC_SHARES = [0.5, 1] as const;

const staticPressure = (asked: Asked): Prediction => {
  const { ails } = asked.given;
  const most = asked.model.facts.airHandler.maxStaticInWc;
  if (ails === undefined)
    return {
      kind: 'unknown',
      needs: 'the ducts: only the blower table’s maximum is known',
      fact: 'airHandler.maxStaticInWc',
    };
  const { isBlowerOn } = asked.works();
  if (!isBlowerOn) return number(0);
  const [low, high] = STATIC_SHARES.map((share) => share * most * ails.staticShare) as [number, number];
  return number((low + high) / 2, [low, high]);
};

const pressure = (asked: Asked, at: 'static' | 'manifold'): Prediction => {
  if (at === 'static') return staticPressure(asked);
  const aim = MANIFOLD_IN_WC[asked.model.facts.furnace.fuel];
  if (aim === null) return { kind: 'unknown', needs: 'the plate’s own pressure: oil has no manifold' };
  return number(aim * (asked.given.ails?.manifoldShare ?? 1));
};

const seconds = (asked: Asked, of: 'defrost' | 'switches'): Prediction => {
  const { model, bench, moment } = asked;
  if (of === 'switches') return number(ladderState(model.facts, bench, moment, 0, 0).settlesS);
  return freezesAt(moment.outdoorF)
    ? { kind: 'unknown', needs: 'the amount of ice' }
    : { kind: 'word', word: 'locked out: the coil is warm' };
};

/** Word for “all checked, all sound”. */
export const NO_FAULT_WORDS = 'sound';

/** Word for an open part of a rung. */
export const rungWord = (element: number, part: ElementFault): string => `${part}-${element + 1}`;

/** Word for the rungs that draw current. */
export const rungsOnWord = (elements: readonly number[]): string =>
  elements.length === 0
    ? 'none'
    : [...elements]
        .sort((a, b) => a - b)
        .map((at) => at + 1)
        .join('+');

/** Code of the first visible wiring fault. */
const faultWord = ({ bench, moment }: Asked, shows: (named: NamedFault) => boolean): Prediction => ({
  kind: 'word',
  word: faultsByCode(bench.harness, moment.scenario.faults).find(shows)?.code ?? NO_FAULT_WORDS,
});

/**
 * Volts from which a terminal counts as hot: above any ghost voltage, below any working voltage. Our judgment.
 */
const HOT_VOLTS = 15;

/** Word for the hot terminals. */
export const hotWord = (marks: readonly string[]): string => (marks.length === 0 ? 'none' : marks.join('+'));

const hotMarks = ({ volts }: WiringState, harness: Harness, of: DeviceId): string[] =>
  hotScrews(deviceIn(harness, of) ?? { terminals: [] }).filter(
    (mark) => (volts.get(nodeOf(of, mark)) ?? 0) >= HOT_VOLTS,
  );

/** What runs, as one word: `none`, or the parts joined by `+`. */
export const RUNNING_PARTS = ['blower', 'compressor', 'backup'] as const;

/** What still runs with the thermostat off its base: all its contacts are open, even welded ones. */
const runningWithoutThermostat = ({ model: { facts }, bench, moment, given }: Asked): string => {
  const contacts = deviceIn(bench.harness, 'thermostat')?.contacts ?? [];
  const faults = [...moment.scenario.faults, ...contacts.map(({ id }): FaultCode => `stuck-open:${id}`)];
  const pulled: Moment = { ...moment, call: 'off', scenario: { ...moment.scenario, faults } };
  const works = operatingState(facts, bench, pulled, bench.at(facts, pulled), given.ails ?? NO_EQUIPMENT_FAULTS);
  const runs = {
    blower: works.isBlowerOn,
    compressor: works.isCompressorOn,
    backup: works.elementsOn.size > 0 || works.flame !== 'cold',
  };
  return RUNNING_PARTS.filter((part) => runs[part]).join('+') || 'none';
};

/** Failed capacitor, % of its label; closed link or limit, Ω; compressor winding, Ω; clean flame rod, µA. */
const WEAK_CAPACITOR_PERCENT = 40;
const CLOSED_PART_OHMS = 0.2;
const WINDING_OHMS = 1;
const FLAME_MICROAMPS = 3;

const motorAmps = (asked: Asked, of: 'compressor' | 'fan'): Prediction => {
  const { outdoorUnit } = asked.model.facts;
  const isCompressor = of === 'compressor';
  const rated = isCompressor ? outdoorUnit.compressorRatedAmps : outdoorUnit.fanRatedAmps;
  const { isCompressorOn, isFanOn } = asked.works();
  if (!(isCompressor ? isCompressorOn : isFanOn)) return number(0);
  if (rated !== null) return number(rated, [0, rated]);
  const fact = isCompressor ? 'outdoorUnit.compressorRatedAmps' : 'outdoorUnit.fanRatedAmps';
  return { kind: 'unknown', needs: 'nameplate amps, on the Survey', fact };
};

/** Line volts that overload a compressor, relative to the service's. Our judgment: beyond the usual ten percent. */
const LOW_LINE_SHARE = 0.85;

const lineVolts = (
  { model: { facts }, given }: Asked,
  { at, isLoaded }: Extract<Observable, { kind: 'line-volts' }>,
): Prediction => {
  const { serviceVolts } = facts.heatKit;
  const ails = given.ails ?? NO_EQUIPMENT_FAULTS;
  if (at === 'outdoor') {
    if (ails.outdoorLine === 'dead') return number(0);
    return number(serviceVolts * (ails.outdoorLine === 'low' ? LOW_LINE_SHARE : 1));
  }
  if (at === 'air-handler') return number(ails.seenOff === 'indoors' ? 0 : indoorServiceVolts(facts));
  // With one leg open, the other reaches the meter through the elements: it may read anything lower.
  if (ails.kitCircuitsOpen.includes(Number(at.slice('kit-'.length)) - 1)) return number(0);
  return number((isLoaded ? (given.kitVolts ?? serviceVolts) : serviceVolts) * ails.kitShare);
};

const isFuseBlown = ({ state }: Asked): boolean =>
  state.fuseOpenedAtAmps !== null ||
  state.network.edges.some((edge) => edge.id === 'board fuse' && edge.kind === 'switch' && !edge.closed);

/** Frost that is seen as ice, lb. Our judgment: the coil's face is closed. */
const ICED_LB = 1;

const seenDefrost = (asked: Asked, ails: EquipmentFaults): SeenWord => {
  const { defrost } = ails;
  if (defrost === 'never' || !asked.state.energized.has(OUTDOOR_POWER)) return 'none';
  if (asked.works().heats !== false) return 'none';
  if (defrost === 'ends-early') return 'early';
  return (asked.given.night?.capped ?? 0) > 0 ? 'cap' : 'clears';
};

const seen = (asked: Asked, what: SeenId): SeenWord => {
  const { moment, state, given } = asked;
  const ails = given.ails ?? NO_EQUIPMENT_FAULTS;
  switch (what) {
    case 'outdoor-unit':
      return asked.works().outdoor;
    case 'blower':
      return asked.works().isBlowerOn ? 'runs' : 'still';
    case 'flame':
      return asked.works().flame;
    case 'frost': {
      const { isCompressorOn, heats } = asked.works();
      if (!isCompressorOn || heats === false) return 'bare';
      return (given.night?.frostLeftLb ?? 0) > ICED_LB ? 'iced' : 'light';
    }
    case 'filter':
      return ails.isFilterChoked ? 'choked' : 'clean';
    case 'fuse':
      return isFuseBlown(asked) ? 'blown' : 'good';
    case 'breakers':
      return ails.seenOff ?? 'on';
    case 'board-lamp':
      if (!state.energized.has(OUTDOOR_POWER)) return 'dark';
      return moment.scenario.conditions.includes('board-lockout') ? 'fault' : 'normal';
    case 'coil-sensor':
      return ails.defrost === 'sensor-off' ? 'off' : 'on';
    case 'outdoor-shown':
      return ails.outdoorShownF === null ? 'none' : ails.outdoorShownF === 0 ? 'right' : 'off';
    case 'defrost':
      return seenDefrost(asked, ails);
    case 'guard':
      return ails.outdoorLine === 'held' ? 'holding' : 'normal';
    case 'coil-face':
      return ails.outdoorCoil.air < 1 ? 'blocked' : 'clear';
    case 'gauges':
      return ails.isChargeLow ? 'low' : 'normal';
    case 'cycling':
      return ails.isShortCycling ? 'minutes' : 'steady';
  }
};

const read = (asked: Asked, observable: Observable): Prediction => {
  const { model, bench, moment, state, given } = asked;
  const { facts } = model;
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
      if (given.ails?.rungs[observable.element] === 'element') return { kind: 'open' };
      const element = jobElements(facts)[observable.element];
      if (!element) return { kind: 'unknown', needs: 'the element, on the Survey', fact: 'heatKit.elements' };
      const ohms = elementOhms(element);
      return number(ohms, [ohms * (1 - OHMS_LOW_SHARE), ohms * (1 + OHMS_HIGH_SHARE)]);
    }
    case 'amps':
      return kitAmps(asked, observable.clamp);
    case 'motor-amps':
      return motorAmps(asked, observable.of);
    case 'line-volts':
      return lineVolts(asked, observable);
    case 'temperature':
      return temperature(asked, observable.at);
    case 'pressure':
      return pressure(asked, observable.at);
    case 'display': {
      const coil = observable.of === 'thermostat' ? THERMOSTAT_POWER : OUTDOOR_POWER;
      const isBattery =
        observable.of === 'thermostat' && facts.thermostat.power === 'battery' && !given.ails?.isBatteryFlat;
      return word(isBattery || state.energized.has(coil), 'alive', 'blank');
    }
    case 'sight':
      return word(state.energized.has(observable.coil), 'in', 'out');
    case 'time':
      return seconds(asked, observable.of);
    case 'seen':
      return { kind: 'word', word: seen(asked, observable.what) };
    case 'setting':
      return word(given.ails?.settingsOff.includes(observable.look) ?? false, 'otherwise', 'planned');
    case 'capacitor': {
      const ail = observable.of === 'compressor' ? given.ails?.compressor : given.ails?.outdoorFan;
      return number(ail === 'no-capacitor' ? WEAK_CAPACITOR_PERCENT : 100);
    }
    case 'part-ohms':
      return given.ails?.rungs[observable.element] === observable.part
        ? { kind: 'open' }
        : number(CLOSED_PART_OHMS, [0, 2 * CLOSED_PART_OHMS]);
    case 'winding-ohms':
      return given.ails?.compressor === 'open' ? { kind: 'open' } : number(WINDING_OHMS, [0.3, 3]);
    case 'rungs': {
      const [open] = Object.entries(given.ails?.rungs ?? {}).filter(([, ail]) => ail !== 'switch' && ail !== 'welded');
      return { kind: 'word', word: open ? rungWord(Number(open[0]), open[1]) : NO_FAULT_WORDS };
    }
    case 'rung-amps':
      return { kind: 'word', word: rungsOnWord([...asked.works().elementsOn]) };
    case 'cable':
      return faultWord(asked, (named) => showsInCable(named, observable.cable));
    case 'strip':
      return faultWord(asked, (named) => showsOnStrip(named, observable.device, bench.harness));
    case 'hot':
      return { kind: 'word', word: hotWord(hotMarks(state, bench.harness, observable.device)) };
    case 'pulled':
      return { kind: 'word', word: runningWithoutThermostat(asked) };
    case 'flame-current':
      return number(asked.works().flame === 'cold' ? 0 : FLAME_MICROAMPS * (given.ails?.flameShare ?? 1));
  }
};

/** A system at a moment, ready for predictions. */
export interface Observer {
  readonly state: WiringState;
  /** What runs; calculated when first needed. */
  readonly works: () => OperatingState;
  readonly read: (observable: Observable) => Prediction;
}

/**
 * Prepares a system at a moment: it is solved once for any number of predictions.
 * @param bench plan or wiring as found, at its line volts
 * @param moment outdoor and room temperature, the call, and the simulated scenario
 */
export const observer = (model: JobModel, bench: Bench, moment: Moment, given: Given = {}): Observer => {
  const { facts } = model;
  const state = bench.at(facts, moment);
  const { kitVolts, seconds: atSecond, ails = NO_EQUIPMENT_FAULTS } = given;
  const works = once(() =>
    operatingState(facts, bench, moment, state, ails, {
      ...(kitVolts === undefined ? {} : { volts: kitVolts }),
      ...(atSecond === undefined ? {} : { seconds: atSecond }),
    }),
  );
  return { state, works, read: (observable) => read({ model, bench, moment, state, given, works }, observable) };
};

/**
 * Predicts a reading.
 * @param bench plan or wiring as found, at its line volts
 * @param moment outdoor and room temperature, and the simulated scenario; the observation's own call counts
 * @example
 * predict(model, model.sound, DEFAULT_MOMENT, { call: 'heat-1', observable: { kind: 'sight', coil: 'contactor' } });
 */
export const predict = (
  model: JobModel,
  bench: Bench,
  moment: Moment,
  { observable, call }: Observation,
  given: Given = {},
): Prediction => observer(model, bench, call === null ? moment : { ...moment, call }, given).read(observable);
