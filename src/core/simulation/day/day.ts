import { GOOD_COIL } from '../../control/coil';
import type { DefrostEnd } from '../../control/in-time/board';
import type { BackupHold, CompressorHold } from '../../control/in-time/holds';
import type { ControlProgram, SetpointEntry } from '../../control/in-time/program';
import type { Mode } from '../../control/in-time/signals';
import type { ResolvedSettings } from '../../setup/resolve-among';
import { gainsShareAt } from '../house/gains';
import { type HouseState, storedBtu } from '../house/house';
import { jobHouse } from '../house/job-house';
import { jobBoard } from '../outdoors/job-board';
import { actsOn, type DayAct } from '../system/acts';
import { controlProgram } from '../system/control-program';
import { machineAtRest, machineOf, type MachineParts } from '../system/machine';
import { asksOn } from '../system/schedule';
import type { WiredSystem } from '../system/wires';
import type { Weather } from '../weather/weather';

/** Input of a run. */
export interface DayAsked {
  readonly minutes: number;
  readonly stepMin: number;
  readonly mode: Mode;
  /** In order of time. */
  readonly setpoints: readonly SetpointEntry[];
  readonly weatherAt: (atMin: number) => Weather;
  readonly start: HouseState;
  /** Minutes simulated before the run, so that it does not start from rest. */
  readonly leadMin?: number;
  readonly acts?: readonly DayAct[];
}

/** A run tick by tick, one list per quantity. `heatBtuh` is heat to the house: negative in defrost. */
export interface DayTrace {
  readonly roomF: Float64Array;
  readonly massF: Float64Array;
  readonly outdoorF: Float64Array;
  /** Setpoint in effect: raised early during recovery. */
  readonly setpointF: Float64Array;
  /** Scheduled setpoint at that time. */
  readonly scheduleF: Float64Array;
  readonly supplyF: Float64Array;
  readonly coilF: Float64Array;
  readonly frostLb: Float64Array;
  /** 0, 1, 2, or an inverter's share of its maximum. */
  readonly compressorStage: Float64Array;
  readonly banksOn: Float64Array;
  readonly furnaceStage: Float64Array;
  readonly inDefrost: boolean[];
  /** Signals on the wires, sorted, joined by spaces. */
  readonly signals: string[];
  /** The thermostat's calls among them: bits of `CALL_BITS`. */
  readonly calls: Uint8Array;
  readonly kW: Float64Array;
  /** The strips' part of it. */
  readonly stripsKW: Float64Array;
  readonly fuelBtuh: Float64Array;
  readonly heatBtuh: Float64Array;
  /** What the thermostat locks out, and why. */
  readonly compressorHold: (CompressorHold | null)[];
  readonly backupHold: (BackupHold | null)[];
  readonly isRecovering: boolean[];
  readonly defrostEnd: (DefrostEnd | null)[];
  /** How much earlier a learning thermostat calls the backup than set, °F. */
  readonly shiftF: Float64Array;
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

const emptyTrace = (ticks: number): DayTrace => ({
  roomF: new Float64Array(ticks),
  massF: new Float64Array(ticks),
  outdoorF: new Float64Array(ticks),
  setpointF: new Float64Array(ticks),
  scheduleF: new Float64Array(ticks),
  supplyF: new Float64Array(ticks),
  coilF: new Float64Array(ticks),
  frostLb: new Float64Array(ticks),
  compressorStage: new Float64Array(ticks),
  banksOn: new Float64Array(ticks),
  furnaceStage: new Float64Array(ticks),
  inDefrost: [],
  signals: [],
  calls: new Uint8Array(ticks),
  kW: new Float64Array(ticks),
  stripsKW: new Float64Array(ticks),
  fuelBtuh: new Float64Array(ticks),
  heatBtuh: new Float64Array(ticks),
  compressorHold: [],
  backupHold: [],
  isRecovering: [],
  defrostEnd: [],
  shiftF: new Float64Array(ticks),
});

/** A job's system for a run: its settings, board and house, with a good coil. */
export const partsOf = (
  system: WiredSystem,
  settings: ResolvedSettings,
  change: Partial<Pick<MachineParts, 'board' | 'coil'>> & { readonly program?: Partial<ControlProgram> } = {},
): MachineParts => ({
  system,
  program: { ...controlProgram(system.facts, settings), ...change.program },
  board: change.board ?? jobBoard(system.facts),
  thermal: jobHouse(system.facts),
  coil: change.coil ?? GOOD_COIL,
});

/**
 * Runs a system tick by tick. Minute 0 is the first of the trace; earlier minutes are negative, and the clock continues
 * from them. Equal input gives equal output to the bit.
 */
export const runDay = (parts: MachineParts, asked: DayAsked): DayRun => {
  const { stepMin, mode, setpoints, weatherAt, leadMin = 0, acts = [] } = asked;
  const step = machineOf(parts, stepMin);
  const leadTicks = Math.round(leadMin / stepMin);
  const asksAt = asksOn(setpoints, leadTicks * stepMin);
  const happensAt = actsOn(acts, parts.system.facts);
  const trace = emptyTrace(Math.ceil(asked.minutes / stepMin - 1e-9));
  const hours = stepMin / 60;
  let state = machineAtRest(parts, mode, asked.start, weatherAt(-leadTicks * stepMin).outdoorF);
  let began = state.house;
  let [heatBtu, gainsBtu, lossBtu] = [0, 0, 0];
  for (let tick = -leadTicks; tick * stepMin < asked.minutes - 1e-9; tick++) {
    const atMin = tick * stepMin;
    // The thermostat's clock started with the minutes before the run.
    const clockMin = (tick + leadTicks) * stepMin;
    const weather = weatherAt(atMin);
    const before = state;
    if (tick === 0) began = before.house;
    const asks = asksAt(clockMin);
    const now = step(
      before,
      {
        mode,
        setpoints: asks,
        weather,
        ...happensAt(atMin),
        gainsShare: gainsShareAt(atMin),
      },
      clockMin,
    );
    state = now.state;
    if (tick < 0) continue;
    trace.roomF[tick] = before.house.roomF;
    trace.massF[tick] = before.house.massF;
    trace.outdoorF[tick] = weather.outdoorF;
    trace.setpointF[tick] = now.setpointF;
    trace.scheduleF[tick] = asks[0]!.setpointF;
    trace.supplyF[tick] = now.supplyF;
    trace.coilF[tick] = state.coil.coilF;
    trace.frostLb[tick] = state.coil.frostLb;
    trace.compressorStage[tick] = now.compressorStage;
    trace.banksOn[tick] = now.banksOn;
    trace.furnaceStage[tick] = now.isBurning ? 1 : 0;
    trace.inDefrost.push(now.isDefrosting);
    trace.signals.push(now.signals);
    trace.calls[tick] = now.calls;
    trace.kW[tick] = now.compressorKW + now.stripsKW + now.blowerKW;
    trace.stripsKW[tick] = now.stripsKW;
    trace.fuelBtuh[tick] = now.fuelBtuh;
    trace.heatBtuh[tick] = now.heatBtuh;
    trace.compressorHold.push(now.holds.compressor);
    trace.backupHold.push(now.holds.backup);
    trace.isRecovering.push(now.isRecovering);
    trace.defrostEnd.push(now.defrostEnd);
    trace.shiftF[tick] = state.demand.shiftF;
    heatBtu += now.heatBtuh * hours;
    gainsBtu += now.gainsBtuh * hours;
    lossBtu += now.lossBtuh * hours;
  }
  return {
    stepMin,
    trace,
    energy: {
      heatBtu,
      gainsBtu,
      lossBtu,
      storedBtu: storedBtu(parts.thermal, began, state.house),
    },
  };
};
