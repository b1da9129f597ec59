import { backupHeatBtuh } from '../../balance/backup-heat';
import { capacityCurve } from '../../balance/heat-pump';
import { jobHeatPump, jobLowStage } from '../../balance/job-heat-pump';
import type { Facts } from '../../job/document';
import type { LoggedStep } from './fit-house';
import { gainsShareAt } from './gains';
import { jobHouse } from './job-house';

/** One line of a logger's file. */
export interface LoggerLine {
  readonly atMin: number;
  readonly roomF: number;
  readonly outdoorF: number;
  /** Share of full that the compressor ran, 0 to 1. */
  readonly compressor: number;
  /** Share of the backup that was on, 0 to 1. */
  readonly backup: number;
}

/** A logger's lines with the heat calculated from the Survey, with average frost; times from a midnight. */
export const loggedSteps = (facts: Facts, lines: readonly LoggerLine[]): LoggedStep[] => {
  const full = capacityCurve(jobHeatPump(facts)).at;
  const lowStage = jobLowStage(facts);
  const low = lowStage === null ? full : capacityCurve(lowStage).at;
  const hasStages = facts.outdoorUnit.stages === 'two';
  const { gainsBtuh } = jobHouse(facts);
  const backupBtuh = backupHeatBtuh(facts);
  return lines.map(({ atMin, roomF, outdoorF, compressor, backup }) => {
    // Half of a two-stage compressor is low stage.
    const heat = hasStages && compressor <= 0.5 ? 2 * compressor * low(outdoorF) : compressor * full(outdoorF);
    // Gains above or below their mean are added to the heat.
    const moreBtuh = (gainsShareAt(atMin) - 1) * gainsBtuh;
    return { atMin, roomF, outdoorF, heatBtuh: heat + backup * backupBtuh + moreBtuh };
  });
};
