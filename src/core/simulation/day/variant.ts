import { type CoilIs, GOOD_COIL } from '../../control/coil';
import type { ControlProgram } from '../../control/in-time/program';
import type { Mode } from '../../control/in-time/signals';
import { NO_FAULTS } from '../../control/scenario';
import { backupOf } from '../../job/backup';
import type { FactPath, Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { type JobModel, jobModel } from '../../model/job-model';
import { resolveSettings } from '../../setup/resolve';
import { factsUnder } from '../../setup/ways/apply';
import { jobPlans } from '../../setup/ways/way';
import { apartF } from '../../units/degrees';
import { jobBoard } from '../outdoors/job-board';
import type { DayAct } from '../system/acts';
import type { MachineParts } from '../system/machine';
import { jobSchedule, type Schedule } from '../system/schedule';
import { partsOf } from './day';
import { hourlyTariff } from './day-cost';

/** Input for a job's variants. */
export interface DayJob {
  readonly model: JobModel;
  readonly confirmed: { readonly has: (path: FactPath) => boolean };
}

/** A variant of a day: the job as set now, or with one change. */
export interface Variant {
  readonly id: string;
  readonly label: string;
  /** The change, in a sentence. */
  readonly about: string;
  readonly group: 'as set now' | 'people' | 'ways' | 'settings' | 'what can be wrong';
  /** Whether it applies to a job. */
  readonly applies: (job: DayJob) => boolean;
  readonly prepare: (job: DayJob) => Prepared;
}

/** The run's input. */
export interface Prepared {
  readonly parts: MachineParts;
  readonly schedule: Schedule;
  readonly acts: readonly DayAct[];
  readonly mode: Mode;
  /** Starting room temperature without a lead-in, °F; null: with a lead-in. */
  readonly coldStartF: number | null;
}

const always = () => true;
const hasStrips = ({ model: { facts } }: DayJob) => kitRows(facts).length > 0;

const partsFor = (
  { model, confirmed }: DayJob,
  change: {
    readonly program?: Partial<ControlProgram>;
    readonly board?: MachineParts['board'];
    readonly coil?: CoilIs;
  } = {},
): MachineParts => partsOf(model, resolveSettings({ facts: model.facts, confirmed }), change);

const prepared = (job: DayJob, change: Partial<Prepared> = {}): Prepared => ({
  parts: change.parts ?? partsFor(job),
  schedule: change.schedule ?? jobSchedule(job.model.facts),
  acts: change.acts ?? [],
  mode: change.mode ?? 'heat',
  coldStartF: change.coldStartF ?? null,
});

/** A job as set now. */
export const prepareAsSet = (job: DayJob): Prepared => prepared(job);

/** The same job with other facts. */
export const withFacts = ({ model, confirmed }: DayJob, facts: Facts): DayJob => ({
  model: jobModel(facts, model.scenario),
  confirmed,
});

const entry = (variant: Omit<Variant, 'applies'> & Partial<Pick<Variant, 'applies'>>): Variant => ({
  applies: always,
  ...variant,
});

const coilVariant = (id: string, label: string, about: string, coil: Partial<CoilIs>): Variant =>
  entry({
    id,
    label,
    about,
    group: 'what can be wrong',
    prepare: (job) => prepared(job, { parts: partsFor(job, { coil: { ...GOOD_COIL, ...coil } }) }),
  });

const NIGHT_F = 5;
const COLD_HOUSE_F = 50;
/** Delay of a high-voltage cutout if none was entered. Our judgment: a usual setting. */
const GUARD_DELAY_MIN = 3;

const peakActs = ({ model: { facts } }: DayJob): DayAct[] => {
  const { peak } = hourlyTariff(facts);
  if (peak === null || peak.fromHour === peak.toHour) return [];
  const held = (fromHour: number, toHour: number): DayAct => ({
    kind: 'banks-held',
    fromMin: fromHour * 60,
    toMin: toHour * 60,
    isDaily: true,
  });
  return peak.fromHour < peak.toHour
    ? [held(peak.fromHour, peak.toHour)]
    : [held(0, peak.toHour), held(peak.fromHour, 24)];
};

/** A board with another interval, or a demand board, on any job. */
const boardFacts = ({ model: { facts } }: DayJob, intervalMin: 30 | 60 | 90 | null): Facts => ({
  ...facts,
  outdoorUnit: {
    ...facts.outdoorUnit,
    ...(intervalMin === null
      ? { defrostControl: 'demand' as const }
      : { defrostControl: 'time-temperature' as const, defrostIntervalMin: intervalMin }),
  },
});

const boardVariant = (id: string, label: string, intervalMin: 30 | 60 | 90 | null): Variant =>
  entry({
    id,
    label,
    about: intervalMin === null ? 'Defrosts when the coil needs it.' : `Defrosts after ${intervalMin} min of run.`,
    group: 'settings',
    prepare: (job) => prepared(job, { parts: partsFor(job, { board: jobBoard(boardFacts(job, intervalMin)) }) }),
  });

/** The defrost boards to compare. */
export const BOARD_VARIANTS: readonly Variant[] = [
  boardVariant('board-30', 'Board at 30 min', 30),
  boardVariant('board-60', 'Board at 60 min', 60),
  boardVariant('board-90', 'Board at 90 min', 90),
  boardVariant('board-demand', 'Demand defrost', null),
];

/** Faults that keep frost on the coil, with their effect on it. */
export const FROST_VARIANTS: readonly Variant[] = [
  coilVariant('low-charge', 'Low charge', 'Too little hot gas: each defrost melts only part of the frost.', {
    melts: 0.15,
  }),
  coilVariant('weak-air', 'Low outdoor airflow', 'A dirty coil or a slow fan: the coil runs colder.', {
    air: 0.55,
    split: 1.6,
  }),
  coilVariant('fan-failed', 'Outdoor fan failed', 'No airflow over the coil but a drift.', { air: 0.15, split: 2.4 }),
  coilVariant('sensor-off', 'Coil sensor off the coil', 'The board’s sensor is hanging in the air, off the coil.', {
    isFelt: false,
  }),
  entry({
    id: 'cap-short',
    label: 'Defrost cut short',
    about: 'The board ends every defrost after two minutes.',
    group: 'what can be wrong',
    prepare: (job) => {
      const board = { ...jobBoard(job.model.facts), capMin: 2 };
      return prepared(job, { parts: partsFor(job, { board }) });
    },
  }),
];

/** Other variants: sensor faults and learning thermostats. */
const LOST_VARIANTS: readonly Variant[] = [
  entry({
    id: 'sensor-lost',
    label: 'Outdoor sensor lost',
    about: 'The thermostat loses the outdoor temperature: its lockouts stop working.',
    group: 'what can be wrong',
    applies: ({ model: { facts } }) => facts.thermostat.outdoorSensor !== 'none',
    prepare: (job) => prepared(job, { acts: [{ kind: 'sensor-lost', fromMin: -Infinity, toMin: Infinity }] }),
  }),
  entry({
    id: 'board-locked-out',
    label: 'Outdoor board locked out',
    about: 'The outdoor board reports a fault and locks out the compressor, however the fault output is wired.',
    group: 'what can be wrong',
    prepare: ({ model, confirmed }) => {
      const { conditions, faults } = model.scenario;
      const scenario = { conditions: [...new Set([...conditions, 'board-lockout' as const])], faults };
      return prepared({ model: jobModel(model.facts, scenario), confirmed });
    },
  }),
  entry({
    id: 'line-low',
    label: 'Line volts low for 20 min',
    about: 'A line monitor trips at 5 AM for 20 min, then waits its delay before the compressor may restart.',
    group: 'what can be wrong',
    prepare: (job) => {
      const { guardDelayMin } = job.model.facts.proof;
      const toMin = 5 * 60 + 20 + (guardDelayMin ?? GUARD_DELAY_MIN);
      return prepared(job, { acts: [{ kind: 'compressor-cut', fromMin: 5 * 60, toMin }] });
    },
  }),
  entry({
    id: 'compressor-dead',
    label: 'Compressor failed (known to thermostat)',
    about: 'The thermostat detects that the compressor is not running and calls backup as first stage.',
    group: 'what can be wrong',
    prepare: (job) =>
      prepared(job, { acts: [{ kind: 'compressor-proved-dead', fromMin: -Infinity, toMin: Infinity }] }),
  }),
];

const STANDS: Variant = entry({
  id: 'stands',
  label: 'As set now',
  about: 'The job as found: its wiring, settings and household.',
  group: 'as set now',
  prepare: prepareAsSet,
});

const PLANNED: Variant = entry({
  id: 'planned',
  label: 'As planned',
  about: 'The planned wiring, with no faults applied.',
  group: 'as set now',
  applies: ({ model }) =>
    model.wall !== model.sound || model.scenario.faults.length + model.scenario.conditions.length > 0,
  prepare: (job) => {
    const parts = partsFor(job);
    return prepared(job, {
      parts: { ...parts, system: { facts: job.model.facts, wall: job.model.sound, scenario: NO_FAULTS } },
    });
  },
});

const PEOPLE: readonly Variant[] = [
  entry({
    id: 'steady',
    label: 'Steady',
    about: 'The same setpoint all day.',
    group: 'people',
    applies: ({ model: { facts } }) => facts.talk.schedule !== 'steady',
    prepare: (job) => prepared(job, { schedule: { ...jobSchedule(job.model.facts), kind: 'steady' } }),
  }),
  entry({
    id: 'night',
    label: `Night setback of ${apartF(NIGHT_F)}`,
    about: `${apartF(NIGHT_F)} lower overnight.`,
    group: 'people',
    applies: ({ model: { facts } }) => facts.talk.schedule === 'steady',
    prepare: (job) =>
      prepared(job, { schedule: { ...jobSchedule(job.model.facts), kind: 'night', setbackF: NIGHT_F } }),
  }),
  entry({
    id: 'door',
    label: 'Door open an hour',
    about: 'An outside door is left open from 5 to 6 PM',
    group: 'people',
    prepare: (job) => prepared(job, { acts: [{ kind: 'door-open', fromMin: 17 * 60, toMin: 18 * 60 }] }),
  }),
  entry({
    id: 'outage',
    label: 'No power for two hours',
    about: 'Power out from 3 to 5 AM; everything comes back together.',
    group: 'people',
    prepare: (job) => prepared(job, { acts: [{ kind: 'power-cut', fromMin: 3 * 60, toMin: 5 * 60 }] }),
  }),
  entry({
    id: 'cold-start',
    label: 'Cold house',
    about: `The house has cooled to ${COLD_HOUSE_F} °F, and the heat comes on at midnight.`,
    group: 'people',
    prepare: (job) => prepared(job, { coldStartF: COLD_HOUSE_F }),
  }),
  entry({
    id: 'emergency',
    label: 'Emergency heat all day',
    about: 'Backup only, compressor off.',
    group: 'people',
    prepare: (job) => prepared(job, { mode: 'emergency' }),
  }),
  entry({
    id: 'peak-held',
    label: 'Strips locked out in peak hours',
    about: 'No strips during peak rates.',
    group: 'people',
    applies: (job) => hasStrips(job) && peakActs(job).length > 0,
    prepare: (job) => prepared(job, { acts: peakActs(job) }),
  }),
];

/** Whether a job has backup that a thermostat may call with or instead of the compressor. */
const hasBackup = ({ model: { facts } }: DayJob) => backupOf(facts) === 'fossil' || kitRows(facts).length > 0;

const droopVariant = (droopF: number): Variant =>
  entry({
    id: `droop-${droopF}`,
    label: `Droop of ${apartF(droopF)}`,
    about: `Backup comes on when the room is ${apartF(droopF)} below setpoint.`,
    group: 'settings',
    applies: (job) => hasBackup(job) && partsFor(job).program.auxOnF !== droopF,
    prepare: (job) => prepared(job, { parts: partsFor(job, { program: { auxOnF: droopF, auxAfterMin: null } }) }),
  });

const SETTINGS: readonly Variant[] = [
  droopVariant(1),
  droopVariant(4),
  entry({
    id: 'no-lockouts',
    label: 'No lockouts',
    about: 'Neither compressor nor backup is locked out on outdoor temperature.',
    group: 'settings',
    applies: (job) => {
      const { compressorBelowF, auxAboveF } = partsFor(job).program;
      return compressorBelowF !== null || auxAboveF !== null;
    },
    prepare: (job) => prepared(job, { parts: partsFor(job, { program: { compressorBelowF: null, auxAboveF: null } }) }),
  }),
  entry({
    id: 'no-recovery',
    label: 'No early recovery',
    about: 'Recovery starts when the setpoint goes up.',
    group: 'settings',
    applies: (job) => partsFor(job).program.recovery !== null,
    prepare: (job) => prepared(job, { parts: partsFor(job, { program: { recovery: null } }) }),
  }),
  entry({
    id: 'learns',
    label: 'A thermostat that learns',
    about: 'If backup comes on three times in a day, it comes on half a degree sooner from the next day on.',
    group: 'settings',
    applies: hasBackup,
    prepare: (job) =>
      prepared(job, {
        parts: partsFor(job, { program: { learning: { startsPerDay: 3, stepF: 0.5, mostF: 2 } } }),
      }),
  }),
];

const wayVariants = ({ model }: DayJob): Variant[] =>
  jobPlans(model.facts).map((way, at) =>
    entry({
      id: `way-${at + 1}`,
      label: way.name,
      about: 'A lockout plan from Balance.',
      group: 'ways',
      prepare: (job) => prepared(withFacts(job, factsUnder(job.model.facts, way, job.model.crossing))),
    }),
  );

/** All variants that apply to a job; the first is the job as set now. */
export const variantsOf = (job: DayJob): readonly Variant[] =>
  [
    STANDS,
    PLANNED,
    ...PEOPLE,
    ...wayVariants(job),
    ...SETTINGS,
    ...BOARD_VARIANTS,
    ...FROST_VARIANTS,
    ...LOST_VARIANTS,
  ].filter(({ applies }) => applies(job));

/** Variants by id, in order; unknown ids are left out, and an empty list gives the job as set now. */
export const variantsById = (job: DayJob, ids: readonly string[]): readonly Variant[] => {
  const all = variantsOf(job);
  const found = ids.flatMap((id) => all.filter((each) => each.id === id));
  return found.length > 0 ? found : [STANDS];
};
