import { parseArgs } from 'node:util';
import { type Parsed, parseJson } from '../src/core/border/parse';
import { check } from '../src/core/check';
import { toSpice } from '../src/core/circuit/spice';
import { CALL_IDS, type CallId, DEFAULT_MOMENT, type Moment, OUTDOOR_BOUNDS_F } from '../src/core/control/moment';
import { calcCircuit } from '../src/core/formats/calc/circuit';
import { calcCrossing } from '../src/core/formats/calc/crossing';
import { calcHeatKit } from '../src/core/formats/calc/heatkit';
import { type JobFile, parseJobFileText } from '../src/core/formats/job-file';
import { sampleFile } from '../src/core/formats/sample-file';
import { jobName } from '../src/core/job/document';
import { SAMPLES } from '../src/core/job/samples';
import { roundTo } from '../src/core/units/round';
import { plan } from '../src/core/wiring/plan';
import { wiringState } from '../src/core/wiring/state';
import { statesOfAllCalls } from '../src/core/wiring/terminal-table';
import { stripsReport } from './strips-report';

type Read = (file: string | undefined) => string;

interface Verb {
  readonly usage: string;
  readonly run: (words: string[], read: Read) => Parsed<unknown>;
}

const refused = (path: string, error: string) => ({ ok: false, path, error }) as const;
const answered = <T>(value: T) => ({ ok: true, value }) as const;

const CALCS: Record<string, (input: unknown) => Parsed<unknown>> = { circuit: calcCircuit, heatkit: calcHeatKit, crossing: calcCrossing };

const withJob = (text: string, answer: (job: JobFile) => Parsed<unknown>): Parsed<unknown> => {
  const job = parseJobFileText(text);
  return job.ok ? answer(job.value) : job;
};

/** Options shared by the verbs that answer for a moment: `--call`, `--outdoor`. */
const momentOf = (words: string[]): Parsed<{ file: string | undefined; moment: Moment; call: CallId | undefined }> => {
  let parsed;
  try {
    parsed = parseArgs({ args: words, allowPositionals: true, options: { call: { type: 'string' }, outdoor: { type: 'string' } } });
  } catch (problem) {
    return refused('options', (problem as Error).message);
  }
  const { call, outdoor } = parsed.values;
  const known = CALL_IDS.find((id) => id === call);
  if (call !== undefined && known === undefined) return refused('--call', `must be one of ${CALL_IDS.join(', ')}`);
  const outdoorF = outdoor === undefined ? DEFAULT_MOMENT.outdoorF : Number(outdoor);
  const [low, high] = OUTDOOR_BOUNDS_F;
  if (outdoor?.trim() === '' || !Number.isFinite(outdoorF) || outdoorF < low || outdoorF > high)
    return refused('--outdoor', `must be a temperature from ${low} to ${high} °F`);
  return answered({ file: parsed.positionals[0], call: known, moment: { ...DEFAULT_MOMENT, outdoorF, call: known ?? DEFAULT_MOMENT.call } });
};

const withMoment = (words: string[], read: Read, answer: (job: JobFile, moment: Moment, call: CallId | undefined) => Parsed<unknown>): Parsed<unknown> => {
  const options = momentOf(words);
  if (!options.ok) return options;
  return withJob(read(options.value.file), (job) => answer(job, options.value.moment, options.value.call));
};

export const VERBS: Readonly<Record<string, Verb>> = {
  calc: {
    usage: 'calc circuit|heatkit|crossing [FILE]',
    run: ([kind = '', file], read) => {
      const calc = CALCS[kind];
      if (!calc) return refused('kind', `must be one of ${Object.keys(CALCS).join(', ')}`);
      const json = parseJson(read(file));
      return json.ok ? calc(json.value) : json;
    },
  },
  examples: { usage: 'examples', run: () => answered(SAMPLES.map(({ id }) => id)) },
  example: {
    usage: 'example ID',
    run: ([id]) => {
      const sample = SAMPLES.find((each) => each.id === id);
      return sample ? answered(sampleFile(sample)) : refused('id', `must be one of ${SAMPLES.map((each) => each.id).join(', ')}`);
    },
  },
  check: { usage: 'check FILE', run: ([file], read) => withJob(read(file), ({ facts, readings }) => answered(check(facts, readings))) },
  states: {
    usage: 'states FILE [--outdoor F]',
    run: (words, read) =>
      withMoment(words, read, ({ facts }, moment) => {
        const { devices } = plan(facts);
        const states = statesOfAllCalls(facts, moment);
        const calls = CALL_IDS.map((call) => {
          const state = states[call];
          const volts = devices.map(({ id, terminals }) => [
            id,
            Object.fromEntries(terminals.map(({ mark }) => [mark, roundTo(state.volts.get(`${id}.${mark}`) ?? 0, 4)])),
          ]);
          return [
            call,
            {
              terminalsHot: [...state.hot],
              coilsEnergised: [...state.energised],
              held: state.held.map(({ why }) => why),
              volts: Object.fromEntries(volts),
              sourceAmps: roundTo(state.solution.sourceAmps, 5),
            },
          ];
        });
        return answered({ outdoorF: moment.outdoorF, calls: Object.fromEntries(calls) });
      }),
  },
  strips: {
    usage: 'strips FILE [--call CALL] [--outdoor F]',
    run: (words, read) => withMoment(words, read, (job, moment, call) => answered(stripsReport(job, { ...moment, call: call ?? 'heat-aux' }))),
  },
  spice: {
    usage: 'spice FILE --call CALL [--outdoor F]',
    run: (words, read) =>
      withMoment(words, read, ({ facts }, moment, call) => {
        if (call === undefined) return refused('--call', `must be one of ${CALL_IDS.join(', ')}`);
        return answered(toSpice(wiringState(facts, plan(facts), moment).network, `${jobName(facts)}: ${call} at ${moment.outdoorF} F outdoors`));
      }),
  },
};
