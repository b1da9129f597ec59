import type { Parsed } from '../src/core/border/parse';
import type { Talk } from '../src/core/formats/diagnosis-lines';
import { parseJobFileText } from '../src/core/formats/job-file';
import { type House, houseOf, talkFile, talkOf } from './diagnosis-verbs';
import { type MeterOptions, meterOptions } from './meter';
import { OLD_VERBS, TALKS, VERBS } from './verbs';
import { type PacedLines, weatherOptions, weatherReport } from './weather-report';

/** Input that could not be read, and why. */
class Unreadable extends Error {
  constructor(
    readonly file: string,
    why: string,
  ) {
    super(`cannot be read: ${why}`);
  }
}

const readWith = (readFile: (file: string | 0) => string) => (file: string | undefined) => {
  try {
    return readFile(file === undefined || file === '-' ? 0 : file);
  } catch (problem) {
    throw new Unreadable(file ?? 'standard input', (problem as Error).message);
  }
};

const orUnreadable = <T>(work: () => Parsed<T>): Parsed<T> => {
  try {
    return work();
  } catch (problem) {
    if (problem instanceof Unreadable) return { ok: false, path: problem.file, error: problem.message };
    throw problem;
  }
};

/**
 * Runs one command line.
 * @param argv the verb and its arguments
 * @param readFile reads a file, or standard input for 0
 * @returns what goes to standard output, or what is wrong and where
 */
export const run = (
  [name = '', ...words]: readonly string[],
  readFile: (file: string | 0) => string,
): Parsed<string> => {
  const verb = VERBS[OLD_VERBS[name] ?? name];
  if (!verb) {
    const usages = [...Object.values(VERBS).map(({ usage }) => usage), ...TALKS];
    return { ok: false, path: 'verb', error: `There is no verb "${name}". Verbs: ${usages.join(' · ')}` };
  }
  return orUnreadable(() => {
    const answer = verb.run(words, readWith(readFile));
    if (!answer.ok) return answer;
    return {
      ok: true,
      value: typeof answer.value === 'string' ? answer.value : `${JSON.stringify(answer.value, null, 2)}\n`,
    };
  });
};

/** Opens a dialog by lines: `gate diagnose` and `gate world`. */
export const openTalk = (
  verb: 'diagnose' | 'world',
  words: readonly string[],
  readFile: (file: string | 0) => string,
): Parsed<Talk> =>
  orUnreadable(() => {
    const file = talkFile(verb, words);
    if (!file.ok) return file;
    const job = parseJobFileText(readWith(readFile)(file.value));
    return job.ok ? talkOf(verb, words, job.value) : job;
  });

/** A meter to serve, and the system its probes are on, if any. */
interface OpenedMeter {
  readonly options: MeterOptions;
  readonly house: House | null;
}

/** Opens a meter: lines passed through, or a simulated meter on a job's system. */
export const openMeter = (words: readonly string[], readFile: (file: string | 0) => string): Parsed<OpenedMeter> =>
  orUnreadable((): Parsed<OpenedMeter> => {
    const options = meterOptions(words);
    if (!options.ok) return options;
    const { file, fault, noise } = options.value;
    if (file === null) return { ok: true, value: { options: options.value, house: null } };
    const job = parseJobFileText(readWith(readFile)(file));
    if (!job.ok) return job;
    const house = houseOf(job.value, fault, noise);
    return house.ok ? { ok: true, value: { options: options.value, house: house.value } } : house;
  });

/** Opens a simulated outdoor sensor. */
export const openWeather = (words: readonly string[], readFile: (file: string | 0) => string): Parsed<PacedLines> =>
  orUnreadable((): Parsed<PacedLines> => {
    const options = weatherOptions([...words], readWith(readFile));
    return options.ok ? { ok: true, value: weatherReport(options.value) } : options;
  });
