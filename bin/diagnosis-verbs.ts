import type { Parsed } from '../src/core/border/parse';
import { DEFAULT_MOMENT } from '../src/core/control/moment';
import { COMPLAINTS } from '../src/core/diagnosis/complaints';
import { diagnosisContext } from '../src/core/diagnosis/diagnosis';
import { type SimulatedHouse, simulatedHouse } from '../src/core/diagnosis/simulated-house';
import { type Table, tableOf } from '../src/core/diagnosis/table';
import { askTalk, isComplaint, probeLine, type Talk, worldTalk } from '../src/core/formats/diagnosis-lines';
import type { JobFile } from '../src/core/formats/job-file';
import { jobModel } from '../src/core/model/job-model';
import { optionsOf, refused } from './options';

/** The diagnosis table of a job; refuses a job whose wiring cannot be planned, with the reason. */
const tableFor = ({ facts }: JobFile): Parsed<Table> => {
  const model = jobModel(facts);
  const [reason] = model.refused;
  return reason
    ? refused(reason.fact ?? 'facts', `${reason.what} ${reason.why} ${reason.fix}`)
    : { ok: true, value: tableOf(model, DEFAULT_MOMENT) };
};

/** `gate faults FILE`: every possible cause. */
export const faultsReport = (job: JobFile): Parsed<unknown> => {
  const table = tableFor(job);
  return table.ok
    ? { ok: true, value: table.value.causes.map(({ id, words, kind, weight }) => ({ id, words, kind, weight })) }
    : table;
};

/** `gate probes FILE`: every possible observation. */
export const probesReport = (job: JobFile): Parsed<unknown> => {
  const table = tableFor(job);
  if (!table.ok) return table;
  return {
    ok: true,
    value: table.value.probes.map((probe) => ({
      ...probeLine(probe),
      place: probe.place,
      kind: probe.kind,
      seconds: probe.seconds,
    })),
  };
};

/** The file argument of a dialog verb. */
export const talkFile = (verb: 'diagnose' | 'world', words: readonly string[]): Parsed<string> => {
  const options = optionsOf([...words], TALK_OPTIONS);
  if (!options.ok) return options;
  const [file] = options.value.positionals;
  return file === undefined || file === '-'
    ? refused('file', `must be a job file: gate ${verb} talks on standard input`)
    : { ok: true, value: file };
};

const TALK_OPTIONS = {
  ask: { type: 'boolean' },
  complaint: { type: 'string' },
  fault: { type: 'string' },
  noise: { type: 'string' },
} as const;

const inWorld = (table: Table, fault: string | undefined, noise: string | undefined): Parsed<House> => {
  const cause = table.causes.find(({ id }) => id === fault);
  if (!cause) return refused('--fault', 'must be the id of a fault, as gate faults lists them');
  const seed = noise === undefined ? null : Number(noise);
  if (seed !== null && !Number.isInteger(seed)) return refused('--noise', 'must be a whole number');
  return { ok: true, value: { world: simulatedHouse(table, cause, seed), probeById: table.probeById } };
};

/** A job's system with a fault, ready for probes. */
export interface House {
  readonly world: SimulatedHouse;
  readonly probeById: Table['probeById'];
}

/** A job as a simulated house with a fault; `noise` seeds the scatter of its meters. */
export const houseOf = (job: JobFile, fault: string, noise: string | undefined): Parsed<House> => {
  const table = tableFor(job);
  return table.ok ? inWorld(table.value, fault, noise) : table;
};

/**
 * `gate diagnose FILE --ask [--complaint ID]` and `gate world FILE --fault ID [--noise SEED]`: the two sides of a
 * dialog in lines of JSON.
 */
export const talkOf = (verb: 'diagnose' | 'world', words: readonly string[], job: JobFile): Parsed<Talk> => {
  const options = optionsOf([...words], TALK_OPTIONS);
  if (!options.ok) return options;
  const { ask, complaint, fault, noise } = options.value.values;
  if (verb === 'diagnose' && !ask) return refused('--ask', 'must be given: the talk goes by lines');
  if (complaint !== undefined && !isComplaint(complaint))
    return refused('--complaint', `must be one of ${COMPLAINTS.map(({ id }) => id).join(', ')}`);
  const table = tableFor(job);
  if (!table.ok) return table;
  if (verb === 'diagnose') return { ok: true, value: askTalk(diagnosisContext(table.value), complaint ?? null) };
  const house = inWorld(table.value, fault, noise);
  return house.ok ? { ok: true, value: worldTalk(house.value.world, house.value.probeById) } : house;
};
