import { GOOD_COIL } from '../../control/coil';
import type { BoardProgram } from '../../control/in-time/board-program';
import type { Facts } from '../../job/document';
import { type DayJob, prepareAsSet, type Prepared, withFacts } from '../day/variant';
import type { HourlyWeather } from '../weather/weather';
import { minuteYear } from './minute-ways';

/** Effects that only minutes capture, not bins or hours. */
export type MinuteReasonId = 'setback' | 'droop' | 'defrost' | 'cycling';

/** Effect on a year's cost, $: positive if it costs. */
export interface MinuteReason {
  readonly id: MinuteReasonId;
  readonly label: string;
  readonly dollars: number;
}

const LABELS: Readonly<Record<MinuteReasonId, string>> = {
  setback: 'setback and recovery',
  droop: 'droop and delays: the room runs a little below setpoint while stages wait',
  defrost: 'frost and defrosts as they occur',
  cycling: 'starts: a compressor gives little heat at first',
};

/** Droop of a thermostat that holds the room as closely as it can, °F. */
const NEAR = { differentialF: 0.2, auxOnF: 0.8, auxOffF: 0.3, stage2OnF: 0.25 } as const;
/** A thermostat without delays. */
const AT_ONCE = { minOffMin: 0, minOnMin: 0, compressorStartsPerHour: null, afterFossilMin: 0 } as const;

const withoutCycling = (facts: Facts): Facts => ({
  ...facts,
  outdoorUnit: { ...facts.outdoorUnit, cyclingLoss: 0 },
});

const never = (board: BoardProgram): BoardProgram =>
  board.kind === 'demand'
    ? { ...board, coldF: -1000 }
    : { ...board, closesF: -1000, intervalMin: Number.MAX_SAFE_INTEGER };

/** A job without one of the effects. */
const TAKEN_OUT: Readonly<Record<MinuteReasonId, (job: DayJob) => Prepared>> = {
  setback: (job) => {
    const prepared = prepareAsSet(job);
    return { ...prepared, schedule: { ...prepared.schedule, kind: 'steady' } };
  },
  droop: (job) => {
    const prepared = prepareAsSet(job);
    const { program } = prepared.parts;
    const auxOnF = program.auxOnF === null ? null : NEAR.auxOnF;
    const stage2OnF = program.stage2OnF === null ? null : NEAR.stage2OnF;
    const near = {
      ...program,
      ...AT_ONCE,
      differentialF: NEAR.differentialF,
      auxOnF,
      auxOffF: NEAR.auxOffF,
      stage2OnF,
    };
    return { ...prepared, parts: { ...prepared.parts, program: near } };
  },
  defrost: (job) => {
    const prepared = prepareAsSet(job);
    const { board } = prepared.parts;
    return { ...prepared, parts: { ...prepared.parts, board: never(board), coil: { ...GOOD_COIL, air: 0 } } };
  },
  cycling: (job) => prepareAsSet(withFacts(job, withoutCycling(job.model.facts))),
};

/** A job without any of them: what bins and hours capture. */
export const withoutAll = (job: DayJob): Prepared => {
  const bare = withFacts(job, withoutCycling(job.model.facts));
  const { parts } = TAKEN_OUT.droop(bare);
  const { parts: clear } = TAKEN_OUT.defrost(bare);
  const prepared = TAKEN_OUT.setback(bare);
  return { ...prepared, parts: { ...prepared.parts, program: parts.program, board: clear.board, coil: clear.coil } };
};

/**
 * Effect of each on a year's cost, over twelve typical days: the year as it is minus the year without it. Effects of
 * zero are left out.
 */
export const minuteReasons = (job: DayJob, weather: HourlyWeather): MinuteReason[] => {
  const stands = minuteYear(prepareAsSet(job), weather, 'typical').year.cost;
  return (Object.keys(TAKEN_OUT) as MinuteReasonId[])
    .map((id) => ({
      id,
      label: LABELS[id],
      dollars: stands - minuteYear(TAKEN_OUT[id](job), weather, 'typical').year.cost,
    }))
    .filter(({ dollars }) => Math.abs(dollars) >= 0.5)
    .sort((one, other) => Math.abs(other.dollars) - Math.abs(one.dollars));
};
