import { blowerKW } from '../../balance/year/from-job';
import type { CoilIs } from '../../control/coil';
import { boardAtRest, type BoardState, type DefrostEnd, stepBoard } from '../../control/in-time/board';
import type { BoardProgram } from '../../control/in-time/board-program';
import { type Demand, demandAtRest, setpointNow, signalsOf, stepDemand } from '../../control/in-time/demand';
import { type Holds, holdsOf } from '../../control/in-time/holds';
import type { ControlProgram, SetpointEntry } from '../../control/in-time/program';
import type { Mode } from '../../control/in-time/signals';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { elementKW } from '../../strips/element';
import { jobElements } from '../../strips/from-job';
import { sensibleFactorAt } from '../../units/air';
import { BTU_PER_KWH } from '../../units/constants';
import { type HouseState, houseStepper, type HouseThermal } from '../house/house';
import { COIL, type CoilSize, type CoilState, stepCoil } from '../outdoors/outdoor-coil';
import { outdoorUnitOf, rampedUp, unitWork } from '../outdoors/outdoor-unit';
import type { Weather } from '../weather/weather';
import { type ElementState, OPEN, stepElement } from './elements';
import { type WiredSystem, wiresOf } from './wires';

/** Slower air contacts the coil more: the contacting share rises as airflow falls. */
const SLOW_AIR = 0.6;

/** Share of a good coil's airflow that contacts a coil with reduced airflow. */
const touchedShare = (air: number): number => (air <= 0 ? 0 : air * (1 - (1 - COIL.contact) ** (1 / air ** SLOW_AIR)));

/** A system to run: thermostat and board programs, house, and coil. */
export interface MachineParts {
  readonly system: WiredSystem;
  readonly program: ControlProgram;
  readonly board: BoardProgram;
  readonly thermal: HouseThermal;
  readonly coil: CoilIs;
}

/** State of a running system: plain data that can be saved and resumed. */
export interface MachineState {
  readonly demand: Demand;
  readonly board: BoardState;
  readonly house: HouseState;
  readonly coil: CoilState;
  readonly elements: readonly ElementState[];
  /** Minutes that the compressor has run, and that the furnace has been called. */
  readonly ranMin: number;
  readonly firedMin: number;
  readonly supplyF: number;
  /** Whether a dual-fuel kit's limit is open. */
  readonly isSupplyHot: boolean;
}

/** Inputs of a tick. */
export interface TickInputs {
  readonly mode: Mode;
  /** The setpoint in effect and the next one. */
  readonly setpoints: readonly SetpointEntry[];
  readonly weather: Weather;
  readonly isPowered: boolean;
  /** Whether the thermostat has no outdoor temperature. */
  readonly isSensorLost: boolean;
  /** Whether the board reports a fault, or the thermostat found the compressor dead. */
  readonly hasFault: boolean;
  /** Whether a high-voltage cutout is open: Y arrives and nothing runs. */
  readonly isCompressorCut: boolean;
  /** Banks locked out from outside, as by a utility in peak hours. */
  readonly heldBanks: readonly number[];
  /** Loss of an open door relative to the house's. */
  readonly openShare: number;
  /** Present gains relative to their mean. */
  readonly gainsShare: number;
}

/** Result of a tick. Heat is heat to the house, Btu/h. */
export interface Tick {
  readonly state: MachineState;
  readonly setpointF: number;
  readonly isRecovering: boolean;
  readonly holds: Holds;
  readonly compressorStage: number;
  readonly banksOn: number;
  readonly isBurning: boolean;
  readonly isDefrosting: boolean;
  /** How a defrost ended in this tick; null if none did. */
  readonly defrostEnd: DefrostEnd | null;
  readonly signals: string;
  /** The thermostat's calls: bits of `CALL_BITS`. */
  readonly calls: number;
  readonly supplyF: number;
  readonly compressorKW: number;
  readonly stripsKW: number;
  /** Blower power with backup alone; a heat pump's ratings include it. */
  readonly blowerKW: number;
  readonly fuelBtuh: number;
  readonly heatBtuh: number;
  readonly gainsBtuh: number;
  readonly lossBtuh: number;
}

/** Minutes from a furnace's call to flame. */
const FLAME_MIN = 0.75;
/** A thermostat without power sends nothing. */
const DARK = { isCompressing: false, isSecondStage: false, isBackup: false, isEmergency: false } as const;

/** A system at rest. */
export const machineAtRest = (
  { board, system }: MachineParts,
  mode: Mode,
  house: HouseState,
  outdoorF: number,
): MachineState => ({
  demand: demandAtRest(mode),
  board: boardAtRest(board),
  house,
  coil: { coilF: outdoorF, frostLb: 0 },
  elements: kitRows(system.facts).map(() => OPEN),
  ranMin: 0,
  firedMin: 0,
  supplyF: house.roomF,
  isSupplyHot: false,
});

const hasSupplyLimit = ({ system, furnace }: Facts): boolean =>
  system.backup === 'furnace' && furnace.interlock === 'kit';

/**
 * Steps a system by ticks: the thermostat calls, the wires as found carry it, the board clears the coil, and the house
 * responds. What depends on the tick's length is calculated once.
 * @param stepMin length of a tick, min
 */
export const machineOf = (
  { system, program, board: boardProgram, thermal, coil: coilIs }: MachineParts,
  stepMin: number,
) => {
  const { facts } = system;
  const carry = wiresOf(system);
  const stepHouse = houseStepper(thermal, stepMin);
  const unit = outdoorUnitOf(facts);
  const kW = jobElements(facts).map((element) => elementKW(element, facts.heatKit.serviceVolts));
  const rows = kitRows(facts);
  const { heatCfm, auxCfm } = facts.airHandler;
  const { elevationFt } = facts.site;
  const carriesBtuh = sensibleFactorAt(elevationFt);
  const blower = blowerKW(facts);
  const size: CoilSize = {
    ...unit.full(47),
    elevationFt,
    contact: touchedShare(coilIs.air),
    melts: coilIs.melts,
    split: coilIs.split,
  };
  const limitF = hasSupplyLimit(facts) ? facts.furnace.supplyAirLimitF : null;
  const letBackF = facts.furnace.supplyAirLimitF - facts.furnace.supplyAirDifferentialF;

  const lastOfBank = rows.map(({ bank }, at) => rows.findLastIndex((row) => row.bank === bank) === at);
  /** Banks with an element on. */
  const banksOn = (elements: readonly ElementState[]): number => {
    let count = 0;
    for (let last = 0; last < rows.length; last++)
      if (lastOfBank[last] && elements.some(({ isClosed }, at) => isClosed && rows[at]!.bank === rows[last]!.bank))
        count++;
    return count;
  };

  return (before: MachineState, inputs: TickInputs, atMin: number): Tick => {
    const { weather, setpoints, isPowered, heldBanks } = inputs;
    const { outdoorF } = weather;
    const mode = isPowered ? inputs.mode : 'off';
    const { house } = before;
    const sensedF = inputs.isSensorLost ? null : outdoorF;
    const asked = { mode, setpoints, outdoorF: sensedF, roomF: house.roomF, hasFault: inputs.hasFault };
    const demand = stepDemand(before.demand, program, asked, atMin);
    const sent = isPowered ? signalsOf(demand) : DARK;
    const isSupplyHot = limitF !== null && (before.isSupplyHot ? before.supplyF > letBackF : before.supplyF > limitF);
    const called = carry(sent, mode, { isDefrosting: false, isSupplyHot }, outdoorF);
    const hasCall = called.isHeating && !called.isBoardLockedOut && !inputs.isCompressorCut;
    const { state: board, event } = stepBoard(
      before.board,
      boardProgram,
      { hasCall, coilF: coilIs.isFelt ? before.coil.coilF : outdoorF, outdoorF },
      stepMin,
    );
    const isDefrosting = board.phase.kind === 'defrosting' && hasCall;
    const on = isDefrosting ? carry(sent, mode, { isDefrosting, isSupplyHot }, outdoorF) : called;

    const { work, stage } = unitWork(
      unit,
      {
        isCompressorIn: on.isCompressorIn && !inputs.isCompressorCut,
        isHeating: on.isHeating,
        isSecondStageIn: on.isSecondStageIn,
        isDefrosting,
        wantedBtuh: thermal.lossBtuhPerF * (house.roomF - outdoorF) - thermal.gainsBtuh,
      },
      outdoorF,
    );
    const runs = stage > 0;
    const answer = stepCoil(before.coil, size, work, weather, stepMin);
    const climb = work.kind === 'heating' ? rampedUp(before.ranMin, stepMin, unit.climbMin) : 1;

    let stripsKW = 0;
    const elements = rows.map((row, at) => {
      const isCalled = on.calledElements[at]! && !heldBanks.includes(row.bank);
      const stepped = stepElement(before.elements[at]!, row, isCalled, stepMin * 60);
      stripsKW += stepped.share * kW[at]!;
      return stepped.state;
    });
    const fires = on.fireBtuh > 0;
    const flame = fires ? Math.min(1, Math.max(0, (before.firedMin + stepMin - FLAME_MIN) / stepMin)) : 0;

    const heatBtuh = answer.heatBtuh * climb + stripsKW * BTU_PER_KWH + on.fireBtuh * flame;
    const supplyF = house.roomF + heatBtuh / (carriesBtuh * (stripsKW > 0 || flame > 0 ? auxCfm : heatCfm));
    const doorBtuh = inputs.openShare * thermal.lossBtuhPerF * (house.roomF - outdoorF);
    // The house includes mean gains; the hour's difference is added to the heat.
    const moreBtuh = (inputs.gainsShare - 1) * thermal.gainsBtuh;
    const { state: nextHouse, meanRoomF } = stepHouse(house, heatBtuh + moreBtuh - doorBtuh, outdoorF);
    const { setpointF, isRecovering } = setpointNow(setpoints, program, mode, atMin);
    return {
      state: {
        demand,
        board,
        house: nextHouse,
        coil: answer.state,
        elements,
        ranMin: runs ? before.ranMin + stepMin : 0,
        firedMin: fires ? before.firedMin + stepMin : 0,
        supplyF,
        isSupplyHot,
      },
      setpointF,
      isRecovering,
      holds: holdsOf(demand, program, asked, atMin),
      compressorStage: stage,
      banksOn: banksOn(elements),
      isBurning: flame > 0,
      isDefrosting,
      defrostEnd: event?.kind === 'ends' ? event.by : null,
      signals: on.signals,
      calls: on.calls,
      supplyF,
      compressorKW: answer.powerBtuh / BTU_PER_KWH,
      stripsKW,
      blowerKW: !runs && (stripsKW > 0 || flame > 0) ? blower : 0,
      fuelBtuh: (on.fireBtuh * flame) / facts.furnace.efficiency,
      heatBtuh,
      gainsBtuh: inputs.gainsShare * thermal.gainsBtuh,
      lossBtuh: thermal.lossBtuhPerF * (meanRoomF - outdoorF) + doorBtuh,
    };
  };
};
