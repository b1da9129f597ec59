import { capacityCurve, type HeatPump, powerCurve } from '../../balance/heat-pump';
import { jobHeatPump, jobLowStage } from '../../balance/job-heat-pump';
import type { Facts } from '../../job/document';
import { BTU_PER_KWH } from '../../units/constants';
import type { Clean, CoilWork } from './outdoor-coil';

/** Range in which rating points include frost, °F: left out, since frost is simulated here. */
const FROST_POINT_F = [30, 40] as const;

/** Start-up time constant per unit of C_D, min, so that short cycles lose as much as C_D says. */
const CLIMB_MIN_PER_CD = 5;

const cleanOf = (heatPump: HeatPump): HeatPump => {
  const clean = heatPump.points.filter(({ outdoorF }) => outdoorF < FROST_POINT_F[0] || outdoorF > FROST_POINT_F[1]);
  return { ...heatPump, frost: false, points: clean.length >= 2 ? clean : heatPump.points };
};

const curvesOf = (heatPump: HeatPump) => {
  const [heat, power] = [capacityCurve(heatPump), powerCurve(heatPump)];
  return (outdoorF: number): Clean => ({
    capacityBtuh: heat.at(outdoorF),
    powerBtuh: Math.max(0, power.at(outdoorF)) * BTU_PER_KWH,
  });
};

/** A job's outdoor unit by the minute: output with a clean coil, and its start-up. */
export interface OutdoorUnit {
  readonly isInverter: boolean;
  readonly hasStages: boolean;
  /** Minutes to reach about two thirds of its heat. */
  readonly climbMin: number;
  readonly full: (outdoorF: number) => Clean;
  /** Low stage or minimum speed; the same as full if it has none. */
  readonly low: (outdoorF: number) => Clean;
}

/** A job's outdoor unit. */
export const outdoorUnitOf = (facts: Facts): OutdoorUnit => {
  const full = curvesOf(cleanOf(jobHeatPump(facts)));
  const lowStage = jobLowStage(facts);
  return {
    isInverter: facts.outdoorUnit.stages === 'inverter',
    hasStages: facts.outdoorUnit.stages === 'two',
    climbMin: CLIMB_MIN_PER_CD * facts.outdoorUnit.cyclingLoss,
    full,
    low: lowStage === null ? full : curvesOf(cleanOf(lowStage)),
  };
};

const between = (low: Clean, full: Clean, share: number): Clean =>
  low === full
    ? full
    : {
        capacityBtuh: low.capacityBtuh + share * (full.capacityBtuh - low.capacityBtuh),
        powerBtuh: low.powerBtuh + share * (full.powerBtuh - low.powerBtuh),
      };

/** State of the unit set by wires and board. */
export interface UnitAsked {
  readonly isCompressorIn: boolean;
  /** Whether the valve is in heating. */
  readonly isHeating: boolean;
  readonly isSecondStageIn: boolean;
  readonly isDefrosting: boolean;
  /** The house's present demand, Btu/h, which sets an inverter's speed. */
  readonly wantedBtuh: number;
}

/** Output of the unit: the coil's work, and the stage: 0, 1, 2, or an inverter's share of its maximum. */
export interface UnitWork {
  readonly work: CoilWork;
  readonly stage: number;
}

const STANDS: UnitWork = { work: { kind: 'off' }, stage: 0 };

/** Output of a unit over a tick at an outdoor temperature, °F; none below its low-temp cutoff. */
export const unitWork = (
  unit: OutdoorUnit,
  { isCompressorIn, isHeating, isSecondStageIn, isDefrosting, wantedBtuh }: UnitAsked,
  outdoorF: number,
): UnitWork => {
  if (!isCompressorIn) return STANDS;
  const full = unit.full(outdoorF);
  if (full.capacityBtuh <= 0) return STANDS;
  const low = unit.low === unit.full ? full : unit.low(outdoorF);
  const isFull = !unit.hasStages || isSecondStageIn;
  const spanBtuh = full.capacityBtuh - low.capacityBtuh;
  const share =
    unit.isInverter && spanBtuh > 0 ? Math.min(1, Math.max(0, (wantedBtuh - low.capacityBtuh) / spanBtuh)) : +isFull;
  const clean = between(low, full, share);
  const stage = unit.isInverter ? clean.capacityBtuh / full.capacityBtuh : isFull && unit.hasStages ? 2 : 1;
  if (isHeating) return { work: { kind: 'heating', ...clean }, stage };
  return { work: isDefrosting ? { kind: 'defrost', ...full } : STANDS.work, stage };
};

/**
 * Mean share of full heat that a compressor gives over a tick.
 * @param sinceMin minutes from its start to the tick
 */
export const rampedUp = (sinceMin: number, stepMin: number, climbMin: number): number =>
  climbMin === 0
    ? 1
    : 1 - (climbMin / stepMin) * (Math.exp(-sinceMin / climbMin) - Math.exp(-(sinceMin + stepMin) / climbMin));
