import { jobLoad } from '../balance/evidence';
import { furnaceNowBtuh, heatPumpNow, isHeating } from '../balance/heat-now';
import { capacityCurve } from '../balance/heat-pump';
import { atRatedCapacity, jobHeatPump } from '../balance/job-heat-pump';
import { loadCurve } from '../balance/load';
import type { Moment } from '../control/moment';
import {
  BLOWER_BY_HEAT_COIL,
  type CoilId,
  COMPRESSOR_COIL,
  FURNACE_COIL,
  OUTDOOR_POWER,
  VALVE_COIL,
} from '../devices/ids';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import { elementKW } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { ladderState } from '../strips/ladder-state';
import { BTU_PER_KWH } from '../units/constants';
import type { Bench, WiringState } from '../wiring/state';
import type { EquipmentFaults } from './equipment-faults';

/** What someone at the outdoor unit sees and hears. */
export type OutdoorSeen =
  'runs' | 'fan-alone' | 'fan-and-hum' | 'compressor-alone' | 'hums' | 'contactor-in-only' | 'chatters' | 'still';

/** What is seen of a furnace's flame. */
export type FlameSeen = 'burns' | 'drops-out' | 'no-inducer' | 'no-glow' | 'no-light' | 'cold';

/**
 * What runs at a moment: wires, switches and motors together. Heat is heat to the air, Btu/h; cooling is negative.
 */
export interface OperatingState {
  readonly isBlowerOn: boolean;
  /** Whether G or the kit's first switch turns it on; a burner's own blower call is separate. */
  readonly isBlowerCalled: boolean;
  readonly cfm: number;
  readonly outdoor: OutdoorSeen;
  readonly isCompressorOn: boolean;
  readonly isFanOn: boolean;
  /** Whether the compressor heats; null: it is off. */
  readonly heats: boolean | null;
  /** Elements that draw current, from 0. */
  readonly elementsOn: ReadonlySet<number>;
  /** Whether their limits cycle because airflow is low. */
  readonly isTripping: boolean;
  readonly flame: FlameSeen;
  readonly heatPumpBtuh: number;
  readonly stripsBtuh: number;
  readonly fossilBtuh: number;
  readonly totalBtuh: number;
  /** Volts at the kit. */
  readonly kitVolts: number;
}

/** Share of the minimum airflow below which limits of strips and furnaces open. Our judgment. */
const TRIPS_SHARE = 0.6;
/** Share of a compressor's heat with no airflow over its coil. Our judgment. */
const NO_FAN_SHARE = 0.3;
/** Share of a compressor's heat at low line volts. Our judgment. */
const LOW_LINE_SHARE = 0.93;
/** Output of an underfired furnace relative to its rating. Our judgment. */
const WEAK_FIRE_SHARE = 0.6;
/** Sensible cooling relative to heat at the mild rating point. Our judgment. */
const COOLS_SHARE = 0.75;
const MILD_F = 47;

interface Outdoors {
  readonly seen: OutdoorSeen;
  readonly isCompressorOn: boolean;
  readonly isFanOn: boolean;
}

const seenOf = (isCompressorOn: boolean, isFanOn: boolean, hums: boolean): OutdoorSeen => {
  if (isCompressorOn) return isFanOn ? 'runs' : 'compressor-alone';
  if (isFanOn) return hums ? 'fan-and-hum' : 'fan-alone';
  return hums ? 'hums' : 'contactor-in-only';
};

const outdoorsOf = ({ energized, chattering, signals }: WiringState, ails: EquipmentFaults): Outdoors => {
  const off = (seen: OutdoorSeen): Outdoors => ({ seen, isCompressorOn: false, isFanOn: false });
  const isIn = energized.has(COMPRESSOR_COIL) && ails.outdoorLine !== 'held';
  const hasLine = ails.outdoorLine === 'live' || ails.outdoorLine === 'low';
  if (chattering.includes(COMPRESSOR_COIL)) return off('chatters');
  const isFed = hasLine && ((isIn && ails.contactor !== 'burnt') || ails.contactor === 'welded');
  if (!isFed) return off(isIn ? 'contactor-in-only' : 'still');
  const isCompressorOn = ails.compressor === 'sound';
  const rests = signals.has('defrost') && energized.has(OUTDOOR_POWER) && isIn;
  const isFanOn = ails.outdoorFan === 'sound' && !rests;
  const hums = ails.compressor === 'no-capacitor' || (ails.outdoorFan === 'no-capacitor' && !isCompressorOn);
  return { seen: seenOf(isCompressorOn, isFanOn, hums), isCompressorOn, isFanOn };
};

const flameOf = (state: WiringState, ails: EquipmentFaults, isAirShort: boolean): FlameSeen => {
  if (!state.energized.has(FURNACE_COIL)) return 'cold';
  switch (ails.furnace) {
    case 'no-inducer':
    case 'no-glow':
    case 'no-light':
      return ails.furnace;
    case 'drops-out':
    case 'limit':
      return 'drops-out';
    case 'weak':
    case null:
      return isAirShort ? 'drops-out' : 'burns';
  }
};

/** Airflow that the blower is set for on a call, CFM. */
const cfmFor = ({ airHandler }: Facts, moment: Moment, hasBackup: boolean): number => {
  if (hasBackup) return airHandler.auxCfm;
  if (moment.call === 'fan' || moment.call === 'off') return airHandler.fanCfm;
  return moment.call === 'cool-1' || moment.call === 'cool-2' ? airHandler.coolCfm : airHandler.heatCfm;
};

/**
 * What runs at a moment.
 * @param bench the bench the state was solved on
 * @param kitVolts volts read at the kit, V
 * @param seconds since the call began, s; default: after every switch has moved
 */
export const operatingState = (
  facts: Facts,
  bench: Bench,
  moment: Moment,
  state: WiringState,
  ails: EquipmentFaults,
  { volts = facts.heatKit.serviceVolts, seconds = Infinity }: { volts?: number; seconds?: number } = {},
): OperatingState => {
  const { energized } = state;
  const kitVolts = volts * ails.kitShare;
  const open = new Set(ails.kitCircuitsOpen);
  const { rungs, blower } = ladderState(facts, bench, moment, seconds / ails.switchTimes, kitVolts, open);
  const isClosed = (at: number, is: boolean): boolean => {
    const ail = ails.rungs[at];
    return ail === undefined ? is : ail === 'welded';
  };
  const called = rungs.filter(({ rung, isClosed: is, isFed }) => isFed && isClosed(rung.at, is));
  const isBlowerFed = !(open.has(0) && facts.heatKit.blowerOnFirstCircuit && backupOf(facts) !== 'fossil');
  const isBurnerCalled = energized.has(FURNACE_COIL);
  const canBlow = ails.blower === 'sound' && isBlowerFed;
  const isBlowerCalled = canBlow && blower.runs;
  const isBlowerOn = isBlowerCalled || (canBlow && (energized.has(BLOWER_BY_HEAT_COIL) || isBurnerCalled));
  const hasBackup = called.length > 0 || isBurnerCalled;
  const cfm = isBlowerOn ? cfmFor(facts, moment, hasBackup) * ails.airShare : 0;
  const isAirShort = cfm < TRIPS_SHARE * facts.heatKit.minCfm;
  const elementsOn = new Set(called.map(({ rung }) => rung.at));
  const isTripping = elementsOn.size > 0 && isAirShort;
  const kit = jobElements(facts);
  const stripsBtuh = isTripping
    ? 0
    : [...elementsOn].reduce((sum, at) => sum + elementKW(kit[at]!, kitVolts) * BTU_PER_KWH, 0);
  const flame = flameOf(state, ails, isAirShort);
  const fossilBtuh =
    flame === 'burns' ? furnaceNowBtuh(facts, state) * (ails.furnace === 'weak' ? WEAK_FIRE_SHARE : 1) : 0;

  const outdoors = outdoorsOf(state, ails);
  const wouldHeat = isHeating(facts, { energized: new Set([...energized, COMPRESSOR_COIL]) });
  const heats = outdoors.isCompressorOn ? (ails.valveStuck ? ails.valveStuck === 'heating' : wouldHeat) : null;
  const rests = state.signals.has('defrost');
  const withFan = outdoors.isFanOn || rests ? 1 : NO_FAN_SHARE;
  const share = ails.capacityShare * withFan * (ails.outdoorLine === 'low' ? LOW_LINE_SHARE : 1);
  const isWarming = heats === true && !rests;
  const fullBtuh = heats === null || !isBlowerOn ? 0 : isWarming ? heatOf(facts, state, moment) : coolOf(facts);
  const heatPumpBtuh = share * fullBtuh;
  return {
    isBlowerOn,
    isBlowerCalled,
    cfm,
    outdoor: outdoors.seen,
    isCompressorOn: outdoors.isCompressorOn,
    isFanOn: outdoors.isFanOn,
    heats,
    elementsOn,
    isTripping,
    flame,
    heatPumpBtuh,
    stripsBtuh,
    fossilBtuh,
    totalBtuh: heatPumpBtuh + stripsBtuh + fossilBtuh,
    kitVolts,
  };
};

/** Heat of a running compressor with its valve in heating, Btu/h. */
const heatOf = (facts: Facts, { energized }: WiringState, { outdoorF }: Moment): number => {
  const asHeating = new Set<CoilId>([...energized].filter((coil) => coil !== VALVE_COIL));
  asHeating.add(COMPRESSOR_COIL);
  if (facts.outdoorUnit.reversingValve === 'B') asHeating.add(VALVE_COIL);
  const { leastBtuh, mostBtuh } = heatPumpNow(atRatedCapacity(facts), { energized: asHeating }, outdoorF);
  return Math.max(leastBtuh, Math.min(mostBtuh, loadCurve(jobLoad(facts).load).at(outdoorF)));
};

const coolOf = (facts: Facts): number => -COOLS_SHARE * capacityCurve(jobHeatPump(atRatedCapacity(facts))).at(MILD_F);
