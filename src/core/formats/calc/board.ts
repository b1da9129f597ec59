import { type InferType, lazy, object, string } from 'yup';
import { type Parsed, parseWith } from '../../border/parse';
import { bounded } from '../../border/schema';
import { boardAtRest, type DefrostEnd, stepBoard } from '../../control/in-time/board';
import type { BoardProgram } from '../../control/in-time/board-program';
import { onOrOff, seriesAt, seriesOf, tickCount, tickLength } from './series';

/** One defrost; its end is null while it lasts. */
export interface Defrost {
  readonly fromMin: number;
  readonly toMin: number | null;
  readonly ended: DefrostEnd | null;
}

const temperatureF = () => bounded(-200, 250, '°F').required('must be given, °F');
const minutes = () => bounded(0, 1e6, 'min').required('must be given, min');

const frame = {
  capMin: minutes(),
  onCallLoss: string()
    .oneOf(['forgets', 'resumes'] as const, 'must be forgets or resumes')
    .required('must be forgets or resumes'),
  pauseMaxMin: bounded(0, 1e6, 'min').nullable(),
};

const timeTemperature = object({
  kind: string().oneOf(['time-temperature'] as const),
  ...frame,
  intervalMin: minutes(),
  earlyShare: bounded(0.01, 10).nullable(),
  counts: string()
    .oneOf(['run', 'run-while-cold'] as const, 'must be run or run-while-cold')
    .nullable(),
  whenDue: string()
    .oneOf(['wait', 'restart'] as const, 'must be wait or restart')
    .nullable(),
  closesF: temperatureF(),
  opensF: temperatureF(),
});

const demand = object({
  kind: string().oneOf(['demand'] as const),
  ...frame,
  cleanSplitF: bounded(-100, 100, '°F').nullable(),
  marginF: bounded(-100, 100, '°F').required('must be given, °F'),
  leastMin: minutes(),
  coldF: temperatureF(),
  endsF: temperatureF(),
  forceAfterMin: bounded(0, 1e6, 'min').nullable(),
  settleMin: bounded(0, 1e6, 'min').nullable(),
});

const unknownKind = object({
  kind: string()
    .oneOf(['time-temperature', 'demand'] as const, 'must be time-temperature or demand')
    .required('must be time-temperature or demand'),
});

const schema = object({
  board: lazy((value: { kind?: unknown } | undefined) =>
    value?.kind === 'time-temperature' ? timeTemperature : value?.kind === 'demand' ? demand : unknownKind,
  ),
  stepMin: tickLength(),
  ticks: tickCount().required('must be given'),
  y: seriesOf(onOrOff),
  coilF: seriesOf(temperatureF),
  outdoorF: seriesOf(temperatureF),
});

const timed = (board: InferType<typeof timeTemperature>): BoardProgram => ({
  ...board,
  kind: 'time-temperature',
  pauseMaxMin: board.pauseMaxMin ?? null,
  earlyShare: board.earlyShare ?? 1,
  counts: board.counts ?? 'run',
  whenDue: board.whenDue ?? 'wait',
});

const demanding = (board: InferType<typeof demand>): BoardProgram => ({
  ...board,
  kind: 'demand',
  pauseMaxMin: board.pauseMaxMin ?? null,
  cleanSplitF: board.cleanSplitF ?? null,
  forceAfterMin: board.forceAfterMin ?? Infinity,
  settleMin: board.settleMin ?? 0,
});

/** Calculates the `input` of a board case. */
export const calcBoard = (input: unknown): Parsed<{ readonly defrosts: readonly Defrost[] }> => {
  const parsed = parseWith(schema, input);
  if (!parsed.ok) return parsed;
  const { stepMin, ticks } = parsed.value;
  const given = parsed.value.board;
  const program =
    given.kind === 'demand'
      ? demanding(given as InferType<typeof demand>)
      : timed(given as InferType<typeof timeTemperature>);
  const yAt = seriesAt<unknown>(parsed.value.y);
  const coilAt = seriesAt<number>(parsed.value.coilF as number);
  const outdoorAt = seriesAt<number>(parsed.value.outdoorF as number);
  const defrosts: Defrost[] = [];
  let board = boardAtRest(program);
  for (let tick = 0; tick < ticks; tick++) {
    const inputs = { hasCall: Boolean(yAt(tick)), coilF: coilAt(tick), outdoorF: outdoorAt(tick) };
    const { state, event } = stepBoard(board, program, inputs, stepMin);
    board = state;
    const atMin = tick * stepMin;
    if (event?.kind === 'begins') defrosts.push({ fromMin: atMin, toMin: null, ended: null });
    if (event?.kind === 'ends') defrosts.push({ ...defrosts.pop()!, toMin: atMin, ended: event.by });
  }
  return { ok: true, value: { defrosts } };
};
