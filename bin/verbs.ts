import { type Parsed, parseJson } from '../src/core/border/parse';
import { findingsOf } from '../src/core/check';
import { toSpice } from '../src/core/circuit/spice';
import { CONDITIONS, conditionsOf } from '../src/core/control/conditions';
import {
  CALL_IDS,
  type CallId,
  callsOf,
  DEFAULT_MOMENT,
  INDOOR_BOUNDS_F,
  type Moment,
  OUTDOOR_BOUNDS_F,
} from '../src/core/control/moment';
import { parseScenario, scenarioCode } from '../src/core/control/scenario';
import { calcBalance } from '../src/core/formats/calc/balance';
import { calcBoard } from '../src/core/formats/calc/board';
import { calcCircuit } from '../src/core/formats/calc/circuit';
import { calcFrost } from '../src/core/formats/calc/frost';
import { calcHeatKit } from '../src/core/formats/calc/heatkit';
import { calcHouse } from '../src/core/formats/calc/house';
import { calcThermostat } from '../src/core/formats/calc/thermostat';
import { familyFile } from '../src/core/formats/family-file';
import { type JobFile, parseJobFileText } from '../src/core/formats/job-file';
import { parseProfileText } from '../src/core/formats/profile-file';
import { sampleFile } from '../src/core/formats/sample-file';
import { jobName } from '../src/core/job/job-name';
import { lastReadings } from '../src/core/job/visits';
import { type JobModel, jobModel } from '../src/core/model/job-model';
import { SAMPLES } from '../src/core/samples';
import { SHIPPED_PROFILES } from '../src/core/setup/profiles';
import type { ControllerProfile } from '../src/core/setup/profiles/profile';
import { families } from '../src/core/wiring/families';
import { faultsOf } from '../src/core/wiring/fault';
import { balanceReport, yearReport } from './balance-report';
import { dayOptions, dayReport } from './day-report';
import { faultsReport, probesReport } from './diagnosis-verbs';
import { optionsOf, refused } from './options';
import { practiceReport } from './practice-verbs';
import { cardReport, settingsReport } from './setup-report';
import { stripsReport } from './strips-report';
import { weatherNamed } from './weather-named';
import { statesReport, traceReport } from './wiring-report';

type Read = (file: string | undefined) => string;

interface Verb {
  readonly usage: string;
  readonly run: (words: string[], read: Read) => Parsed<unknown>;
}

const answered = <T>(value: T) => ({ ok: true, value }) as const;

const CALCS: Record<string, (input: unknown) => Parsed<unknown>> = {
  circuit: calcCircuit,
  heatkit: calcHeatKit,
  balance: calcBalance,
  crossing: calcBalance, // the old name
  thermostat: calcThermostat,
  board: calcBoard,
  house: calcHouse,
  frost: calcFrost,
};

const withJob = (text: string, answer: (job: JobFile) => Parsed<unknown>): Parsed<unknown> => {
  const job = parseJobFileText(text);
  return job.ok ? answer(job.value) : job;
};

/** Options of verbs for a moment: `--call`, `--outdoor`, `--indoor`, `--try`. */
const momentOf = (words: string[]): Parsed<{ file: string | undefined; moment: Moment; call: CallId | undefined }> => {
  const options = optionsOf(words, {
    call: { type: 'string' },
    outdoor: { type: 'string' },
    indoor: { type: 'string' },
    try: { type: 'string' },
  });
  if (!options.ok) return options;
  const { values, positionals } = options.value;
  const { call, outdoor, indoor } = values;
  const known = CALL_IDS.find((id) => id === call);
  if (call !== undefined && known === undefined) return refused('--call', `must be one of ${CALL_IDS.join(', ')}`);
  const outdoorF = outdoor === undefined ? DEFAULT_MOMENT.outdoorF : Number(outdoor);
  const [low, high] = OUTDOOR_BOUNDS_F;
  if (outdoor?.trim() === '' || !Number.isFinite(outdoorF) || outdoorF < low || outdoorF > high)
    return refused('--outdoor', `must be a temperature from ${low} to ${high} °F`);
  const indoorF = indoor === undefined ? DEFAULT_MOMENT.indoorF : Number(indoor);
  const [coldest, hottest] = INDOOR_BOUNDS_F;
  if (indoor?.trim() === '' || !Number.isFinite(indoorF) || indoorF < coldest || indoorF > hottest)
    return refused('--indoor', `must be a temperature from ${coldest} to ${hottest} °F`);
  const code = values.try ?? '';
  const scenario = parseScenario(code);
  if (scenarioCode(scenario) !== code)
    return refused(
      '--try',
      `must be conditions (${CONDITIONS.map(({ id }) => id).join(', ')}) or faults such as open:thermostat-cable/yellow, ~ between`,
    );
  const moment: Moment = { outdoorF, indoorF, call: known ?? DEFAULT_MOMENT.call, scenario };
  return answered({ file: positionals[0], call: known, moment });
};

const withMoment = (
  words: string[],
  read: Read,
  answer: (job: JobFile, moment: Moment, call: CallId | undefined) => Parsed<unknown>,
): Parsed<unknown> => {
  const options = momentOf(words);
  if (!options.ok) return options;
  return withJob(read(options.value.file), (job) => answer(job, options.value.moment, options.value.call));
};

/**
 * A job's model for a moment with a simulation; refuses a job whose wiring cannot be planned, and a condition or fault
 * it cannot have, with the reason.
 */
const withModel = (
  words: string[],
  read: Read,
  answer: (model: JobModel, moment: Moment, call: CallId | undefined) => Parsed<unknown>,
): Parsed<unknown> =>
  withMoment(words, read, ({ facts }, moment, call) => {
    const model = jobModel(facts, moment.scenario);
    const [reason] = model.refused;
    if (reason) return refused(reason.fact ?? 'facts', `${reason.what} ${reason.why} ${reason.fix}`);
    if (call !== undefined && !callsOf(facts).includes(call))
      return refused('--call', `must be one of ${callsOf(facts).join(', ')} for this system`);
    const { conditions, faults } = moment.scenario;
    const possible = conditionsOf(facts).map(({ id }) => id);
    const known = new Set(faultsOf(model.harness).map(({ code }) => code));
    if (conditions.some((id) => !possible.includes(id)) || faults.some((code) => !known.has(code)))
      return refused('--try', `must be a condition (${possible.join(', ')}) or a fault such as ${[...known][0]}`);
    return answer(model, moment, call);
  });

/** `--profile`: the id of a shipped profile, or a file. */
const profileOf = (words: string[], read: Read): Parsed<{ file: string | undefined; profile: ControllerProfile }> => {
  const options = optionsOf(words, { profile: { type: 'string' } });
  if (!options.ok) return options;
  const { values, positionals } = options.value;
  const { profile: name } = values;
  const ids = SHIPPED_PROFILES.map(({ id }) => id).join(', ');
  if (name === undefined) return refused('--profile', `must be given: one of ${ids}, or a file`);
  const [file] = positionals;
  const shipped = SHIPPED_PROFILES.find(({ id }) => id === name);
  if (shipped) return answered({ file, profile: shipped });
  if (!/[./]/.test(name)) return refused('--profile', `must be one of ${ids}, or a file`);
  const profile = parseProfileText(read(name));
  return profile.ok ? answered({ file, profile: profile.value }) : profile;
};

const METHODS = ['bins', 'hourly', 'minutes'] as const;

/** `--weather` (the id of a shipped climate, or a file), `--method`, `--fill`, `--scale`. */
const yearOptionsOf = (words: string[], read: Read) => {
  const options = optionsOf(words, {
    weather: { type: 'string' },
    method: { type: 'string' },
    fill: { type: 'boolean' },
    scale: { type: 'string' },
  });
  if (!options.ok) return options;
  const { values, positionals } = options.value;
  const { weather: name, method: wanted = 'hourly', fill = false, scale } = values;
  const method = METHODS.find((each) => each === wanted);
  if (!method) return refused('--method', `must be one of ${METHODS.join(', ')}`);
  const weather = weatherNamed(name, read, { fill, scale });
  return weather.ok ? answered({ file: positionals[0], method, weather: weather.value }) : weather;
};

/** Usage of the verbs that run line by line. */
export const TALKS: readonly string[] = [
  'diagnose FILE --ask [--complaint ID]',
  'world FILE --fault ID [--noise SEED]',
  'practice ROUND --ask [--seed N] [--endless]',
  'meter [FILE --fault ID [--noise SEED]] [--port PORT] [--origin ADDRESS]',
  'weather CLIMATE|FILE [--from 2026-01-14T06:00] [--hours 24] [--pace MINUTES] [--fill] [--scale F|C]',
];

/** Verbs that were renamed: old name to present name. Scripts that use an old name still work. */
export const OLD_VERBS: Readonly<Record<string, string>> = { crossing: 'balance' };

export const VERBS: Readonly<Record<string, Verb>> = {
  calc: {
    usage: 'calc circuit|heatkit|balance|thermostat|board|house|frost [FILE]',
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
      return sample
        ? answered(sampleFile(sample))
        : refused('id', `must be one of ${SAMPLES.map((each) => each.id).join(', ')}`);
    },
  },
  check: {
    usage: 'check FILE',
    run: ([file], read) =>
      withJob(read(file), (job) =>
        answered(findingsOf(jobModel(job.facts), lastReadings(job), new Set(job.confirmed))),
      ),
  },
  states: {
    usage: 'states FILE [--outdoor F] [--try CONDITION]',
    run: (words, read) => withModel(words, read, (model, moment) => answered(statesReport(model, moment))),
  },
  trace: {
    usage: 'trace FILE --call CALL [--outdoor F] [--indoor F] [--try CONDITION|FAULT]',
    run: (words, read) =>
      withModel(words, read, (model, moment, call) => {
        if (call === undefined) return refused('--call', `must be one of ${CALL_IDS.join(', ')}`);
        return answered(traceReport(model, moment));
      }),
  },
  plan: {
    usage: 'plan FILE',
    run: ([file], read) =>
      withJob(read(file), ({ facts }) => {
        const { refused: reasons, planned } = jobModel(facts);
        const [reason] = reasons;
        return reason
          ? refused(reason.fact ?? 'facts', `${reason.what} ${reason.why} ${reason.fix}`)
          : answered(planned);
      }),
  },
  families: {
    usage: 'families',
    run: () =>
      answered(
        `${families()
          .map((family, at) => JSON.stringify(familyFile(family, at)))
          .join('\n')}\n`,
      ),
  },
  settings: {
    usage: 'settings FILE',
    run: ([file], read) => withJob(read(file), (job) => answered(settingsReport(job))),
  },
  card: {
    usage: 'card FILE --profile ID|FILE',
    run: (words, read) => {
      const options = profileOf(words, read);
      return options.ok
        ? withJob(read(options.value.file), (job) => answered(cardReport(job, options.value.profile)))
        : options;
    },
  },
  balance: {
    usage: 'balance FILE [--outdoor F] [--indoor F]',
    run: (words, read) => withMoment(words, read, (job, moment) => answered(balanceReport(job, moment))),
  },
  year: {
    usage: 'year FILE --weather CLIMATE|FILE [--method bins|hourly|minutes] [--fill] [--scale F|C]',
    run: (words, read) => {
      const options = yearOptionsOf(words, read);
      return options.ok
        ? withJob(read(options.value.file), (job) =>
            answered(yearReport(job, options.value.weather, options.value.method)),
          )
        : options;
    },
  },
  day: {
    usage:
      'day FILE [--weather CLIMATE|FILE] [--from 2026-01-14] [--hours 24] [--step SECONDS] [--try ID] [--as-found] [--csv]',
    run: (words, read) => {
      const options = dayOptions(words, read);
      return options.ok ? withJob(read(options.value.file), (job) => dayReport(job, options.value)) : options;
    },
  },
  faults: {
    usage: 'faults FILE',
    run: ([file], read) => withJob(read(file), faultsReport),
  },
  practice: {
    usage: 'practice [ROUND --probes|--solve [--seed N] [--endless]]',
    run: practiceReport,
  },
  probes: {
    usage: 'probes FILE',
    run: ([file], read) => withJob(read(file), probesReport),
  },
  strips: {
    usage: 'strips FILE [--call CALL] [--outdoor F]',
    run: (words, read) =>
      withMoment(words, read, (job, moment, call) =>
        answered(stripsReport(job, { ...moment, call: call ?? 'heat-aux' })),
      ),
  },
  spice: {
    usage: 'spice FILE --call CALL [--outdoor F]',
    run: (words, read) =>
      withModel(words, read, (model, moment, call) => {
        if (call === undefined) return refused('--call', `must be one of ${CALL_IDS.join(', ')}`);
        return answered(
          toSpice(model.state(moment).network, `${jobName(model.facts)}: ${call} at ${moment.outdoorF} F outdoors`),
        );
      }),
  },
};
