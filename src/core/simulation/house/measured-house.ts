import { jobLoad } from '../../balance/evidence';
import type { Parsed } from '../../border/parse';
import type { Facts } from '../../job/document';
import { fitHouse, type Fitted } from './fit-house';
import { jobHouse, jobTimeConstant } from './job-house';
import { loggedSteps, type LoggerLine } from './logged';

/** A job's house fitted to a logger's file, with the job's own values. */
export interface MeasuredHouse {
  /** Hours from the file's first line. */
  readonly hours: readonly number[];
  readonly measuredF: readonly number[];
  readonly fittedF: readonly number[];
  readonly residualF: number;
  /** Loss at the job's design temperature, Btu/h. */
  readonly designBtuh: Fitted;
  readonly timeConstantH: Fitted;
  readonly jobDesignBtuh: number;
  readonly jobTimeConstantH: number;
}

/** Maximum points shown. */
const MOST_POINTS = 600;

/**
 * Fits a job's house to a logger's lines.
 * @returns why it cannot be fitted, if there is too little in them
 */
export const measuredHouse = (facts: Facts, lines: readonly LoggerLine[]): Parsed<MeasuredHouse> => {
  const steps = loggedSteps(facts, lines);
  const fit = fitHouse(jobHouse(facts), steps);
  if (fit === null)
    return {
      ok: false,
      path: '',
      error: 'Not enough data: it needs at least six hours and twelve lines with the room changing, as in a setback.',
    };
  const { load } = jobLoad(facts);
  const differenceF = load.noLoadF - load.designOutdoorF;
  const every = Math.max(1, Math.ceil(steps.length / MOST_POINTS));
  const shown = steps.map((_, at) => at).filter((at) => at % every === 0);
  return {
    ok: true,
    value: {
      hours: shown.map((at) => (steps[at]!.atMin - steps[0]!.atMin) / 60),
      measuredF: shown.map((at) => steps[at]!.roomF),
      fittedF: shown.map((at) => fit.roomF[at]!),
      residualF: fit.residualF,
      designBtuh: {
        value: fit.lossBtuhPerF.value * differenceF,
        spread: fit.lossBtuhPerF.spread * differenceF,
      },
      timeConstantH: fit.timeConstantH,
      jobDesignBtuh: load.designBtuh,
      jobTimeConstantH: jobTimeConstant(facts).hours,
    },
  };
};
