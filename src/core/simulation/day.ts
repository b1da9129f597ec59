import { boardAtRest, stepBoard } from '../control/in-time/board';
import { demandAtRest, setpointNow, signalsOf, stepDemand } from '../control/in-time/demand';
import type { SetpointEntry } from '../control/in-time/program';
import type { Mode } from '../control/in-time/signals';
import type { Signal } from '../control/signal';
import { surroundings } from '../control/thermostat';
import { furnaceNowBtuh, isHeating } from '../crossing/heat-now';
import { capacityCurve, type HeatPump, powerCurve } from '../crossing/heat-pump';
import { jobHeatPump, jobLowStage } from '../crossing/job-heat-pump';
import { bankCoilId, COMPRESSOR_COIL, SECOND_STAGE_COIL } from '../devices/ids';
import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import type { JobBasis } from '../model/basis';
import type { ResolvedSettings } from '../setup/resolve';
import { elementKW } from '../strips/element';
import { jobElements } from '../strips/from-job';
import { temperatureRiseF } from '../units/air';
import { BTU_PER_KWH } from '../units/constants';
import { controlProgram, sentSignals } from './control-program';
import { OPEN, stepElement } from './elements';
import { type HouseState, houseStepper, storedBtu } from './house';
import { jobBoard } from './job-board';
import { jobHouse } from './job-house';
import { COIL, type CoilSize, type CoilState, stepCoil } from './outdoor-coil';

/** Weather at a minute. */
export interface Weather {
  readonly outdoorF: number;
  /** A share of 1. */
  readonly relativeHumidity: number;
}

/** What a run is told. */
export interface DayAsked {
  readonly minutes: number;
  readonly stepMin: number;
  readonly mode: Mode;
  readonly setpoints: readonly SetpointEntry[];
  readonly weatherAt: (atMin: number) => Weather;
  readonly start: HouseState;
}

/** A run tick by tick, one list a name. `heatBtuh` is what reaches the house: negative in defrost. */
export interface DayTrace {
  readonly roomF: number[];
  readonly massF: number[];
  readonly outdoorF: number[];
  readonly setpointF: number[];
  readonly supplyF: number[];
  readonly coilF: number[];
  readonly frostLb: number[];
  /** 0, 1, 2, or the share of its most that an inverter gives. */
  readonly compressorStage: number[];
  readonly banksOn: number[];
  readonly furnaceStage: number[];
  readonly inDefrost: boolean[];
  /** What is sent on the wires, sorted, joined by spaces. */
  readonly signals: string[];
  readonly kW: number[];
  readonly fuelBtuh: number[];
  readonly heatBtuh: number[];
}

export interface DayEnergy {
  readonly heatBtu: number;
  readonly gainsBtu: number;
  readonly lossBtu: number;
  readonly storedBtu: number;
}

export interface DayRun {
  readonly stepMin: number;
  readonly trace: DayTrace;
  readonly energy: DayEnergy;
}

/** A compressor gives little at first: minutes of its climb for each unit of C_D, so that short cycles lose as much. */
const CLIMB_MIN_PER_CD = 5;
/** Minutes from a furnace's call to its flame. */
const FLAME_MIN = 0.75;

/** Between these a sheet's own point has frost in it, °F: left out, for frost is grown here. */
const FROST_POINT_F = [30, 40] as const;

const cleanOf = (heatPump: HeatPump): HeatPump => {
  const clean = heatPump.points.filter(({ outdoorF }) => outdoorF < FROST_POINT_F[0] || outdoorF > FROST_POINT_F[1]);
  return { ...heatPump, frost: false, points: clean.length >= 2 ? clean : heatPump.points };
};

/** Heat and power of a job's compressor with a clean coil, at full and at low stage, Btu/h. */
const compressorOf = (facts: Facts) => {
  const curvesOf = (heatPump: HeatPump) => ({ heat: capacityCurve(heatPump), power: powerCurve(heatPump) });
  const full = curvesOf(cleanOf(jobHeatPump(facts)));
  const lowStage = jobLowStage(facts);
  const low = lowStage === null ? full : curvesOf(cleanOf(lowStage));
  const at = (curves: typeof full, outdoorF: number) => ({
    capacityBtuh: curves.heat.at(outdoorF),
    powerBtuh: curves.power.at(outdoorF) * BTU_PER_KWH,
  });
  return { full: (outdoorF: number) => at(full, outdoorF), low: (outdoorF: number) => at(low, outdoorF) };
};

/** Mean share of its full heat that a compressor gives over a tick, from its start on. */
const climbed = (sinceMin: number, stepMin: number, climbMin: number): number =>
  climbMin === 0
    ? 1
    : 1 - (climbMin / stepMin) * (Math.exp(-sinceMin / climbMin) - Math.exp(-(sinceMin + stepMin) / climbMin));

/**
 * A run of a job by the tick: the thermostat asks, the wires as they are in the wall carry it, the board clears the
 * coil, and the house answers. The same gives the same to the bit.
 * @param basis the job; what is in its wall and what is tried count
 * @param settings its resolved settings
 */
export const runDay = (basis: JobBasis, settings: ResolvedSettings, asked: DayAsked): DayRun => {
  const { facts, wall, scenario } = basis;
  const { stepMin, mode, setpoints, weatherAt } = asked;
  const program = controlProgram(facts, settings);
  const boardProgram = jobBoard(facts);
  const thermal = jobHouse(facts);
  const stepHouse = houseStepper(thermal, stepMin);
  const compressor = compressorOf(facts);
  const elements = jobElements(facts).map((element) => elementKW(element, facts.heatKit.serviceVolts));
  const rows = kitRows(facts);
  const isInverter = facts.outdoorUnit.stages === 'inverter';
  const climbMin = CLIMB_MIN_PER_CD * facts.outdoorUnit.cyclingLoss;
  const size: CoilSize = {
    ...compressor.full(47),
    elevationFt: facts.site.elevationFt,
    contact: COIL.contact,
    melts: 1,
  };
  const trace: DayTrace = {
    roomF: [],
    massF: [],
    outdoorF: [],
    setpointF: [],
    supplyF: [],
    coilF: [],
    frostLb: [],
    compressorStage: [],
    banksOn: [],
    furnaceStage: [],
    inDefrost: [],
    signals: [],
    kW: [],
    fuelBtuh: [],
    heatBtuh: [],
  };
  const hours = stepMin / 60;
  let demand = demandAtRest(mode);
  let board = boardAtRest(boardProgram);
  let house = asked.start;
  let coil: CoilState = { coilF: weatherAt(0).outdoorF, frostLb: 0 };
  let switches = rows.map(() => OPEN);
  let ranMin = 0;
  let burntMin = 0;
  let [heatBtu, lossBtu] = [0, 0];
  for (let tick = 0; tick * stepMin < asked.minutes - 1e-9; tick++) {
    const atMin = tick * stepMin;
    const weather = weatherAt(atMin);
    const { outdoorF } = weather;
    const inputs = { mode, setpoints, outdoorF, roomF: house.roomF, hasFault: false };
    demand = stepDemand(demand, program, inputs, atMin);
    const sent = sentSignals(facts, signalsOf(demand), mode !== 'cool');
    const outside = surroundings(facts, { outdoorF, scenario }, sent, mode === 'heat');
    const calling = new Set<Signal>([...sent, ...outside]);
    const before = wall.under(calling, outdoorF, scenario.faults);
    const isLockedOut = calling.has('board-lockout');
    const hasCall = !isLockedOut && isHeating(facts, before);
    board = stepBoard(board, boardProgram, { hasCall, coilF: coil.coilF, outdoorF }, stepMin).state;
    const isDefrosting = board.phase.kind === 'defrosting' && hasCall;
    const signals = isDefrosting ? new Set<Signal>([...calling, 'defrost']) : calling;
    const on = isDefrosting ? wall.under(signals, outdoorF, scenario.faults) : before;

    const runs = on.energised.has(COMPRESSOR_COIL) && compressor.full(outdoorF).capacityBtuh > 0;
    const heats = runs && isHeating(facts, on);
    const clears = runs && isDefrosting && !heats;
    const isFull = facts.outdoorUnit.stages !== 'two' || on.energised.has(SECOND_STAGE_COIL);
    const [full, low] = [compressor.full(outdoorF), compressor.low(outdoorF)];
    const wantedBtuh = thermal.lossBtuhPerF * (house.roomF - outdoorF) - thermal.gainsBtuh;
    const share =
      isInverter && full.capacityBtuh > low.capacityBtuh
        ? Math.min(1, Math.max(0, (wantedBtuh - low.capacityBtuh) / (full.capacityBtuh - low.capacityBtuh)))
        : isFull
          ? 1
          : 0;
    const clean = {
      capacityBtuh: low.capacityBtuh + share * (full.capacityBtuh - low.capacityBtuh),
      powerBtuh: low.powerBtuh + share * (full.powerBtuh - low.powerBtuh),
    };
    const answer = stepCoil(
      coil,
      size,
      heats ? { kind: 'heating', ...clean } : clears ? { kind: 'defrost', ...full } : { kind: 'off' },
      weather,
      stepMin,
    );
    coil = answer.state;
    const climb = heats ? climbed(ranMin, stepMin, climbMin) : 1;
    ranMin = runs ? ranMin + stepMin : 0;

    const stepped = rows.map((row, at) =>
      stepElement(switches[at]!, row, on.energised.has(bankCoilId(row.bank)), stepMin * 60),
    );
    switches = stepped.map(({ state }) => state);
    const stripsKW = stepped.reduce((sum, { share: part }, at) => sum + part * elements[at]!, 0);
    const fireBtuh = furnaceNowBtuh(facts, on);
    const flame = fireBtuh > 0 ? Math.min(1, Math.max(0, (burntMin + stepMin - FLAME_MIN) / stepMin)) : 0;
    burntMin = fireBtuh > 0 ? burntMin + stepMin : 0;

    const heatBtuh = answer.heatBtuh * climb + stripsKW * BTU_PER_KWH + fireBtuh * flame;
    const cfm = stripsKW > 0 || flame > 0 ? facts.airHandler.auxCfm : facts.airHandler.heatCfm;
    trace.roomF.push(house.roomF);
    trace.massF.push(house.massF);
    trace.outdoorF.push(outdoorF);
    trace.setpointF.push(setpointNow(setpoints, program, mode, atMin).setpointF);
    trace.supplyF.push(house.roomF + temperatureRiseF(heatBtuh, cfm, facts.site.elevationFt));
    trace.coilF.push(coil.coilF);
    trace.frostLb.push(coil.frostLb);
    trace.compressorStage.push(
      !runs
        ? 0
        : isInverter
          ? clean.capacityBtuh / full.capacityBtuh
          : isFull && facts.outdoorUnit.stages === 'two'
            ? 2
            : 1,
    );
    trace.banksOn.push(new Set(rows.filter((_, at) => switches[at]!.isClosed).map(({ bank }) => bank)).size);
    trace.furnaceStage.push(flame > 0 ? 1 : 0);
    trace.inDefrost.push(isDefrosting);
    trace.signals.push([...signals].sort().join(' '));
    trace.kW.push(answer.powerBtuh / BTU_PER_KWH + stripsKW);
    trace.fuelBtuh.push((fireBtuh * flame) / facts.furnace.efficiency);
    trace.heatBtuh.push(heatBtuh);

    const { state, meanRoomF } = stepHouse(house, heatBtuh, outdoorF);
    house = state;
    heatBtu += heatBtuh * hours;
    lossBtu += thermal.lossBtuhPerF * (meanRoomF - outdoorF) * hours;
  }
  return {
    stepMin,
    trace,
    energy: {
      heatBtu,
      gainsBtu: (thermal.gainsBtuh * trace.roomF.length * stepMin) / 60,
      lossBtu,
      storedBtu: storedBtu(thermal, asked.start, house),
    },
  };
};
