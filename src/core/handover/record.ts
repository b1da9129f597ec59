import { moveList } from '../changeout/move-list';
import { findingsOf } from '../check';
import { type CallId, CALLS, type Moment } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import { endedCalibrations } from '../instrument/calibration';
import { factApplies } from '../job/applies';
import { backupOf } from '../job/backup';
import { hasBoxes } from '../job/boxes';
import { CONTROLLER_ROLES, CONTROLLERS } from '../job/controllers';
import { countersignWords, isCorrection, waitingReadings, waitingWords } from '../job/countersign';
import { ALL_FACTS, type FactPath, type Facts, factValue } from '../job/document';
import { unitOfFact } from '../job/fact-unit';
import { factWords } from '../job/fact-words';
import { FACT_GROUP_LABELS } from '../job/facts';
import type { Severity } from '../job/finding';
import { inTime, type Timed } from '../job/in-time';
import { jobName } from '../job/job-name';
import { currentReadings, type Reading } from '../job/reading';
import { type SettingMark, settingRecords } from '../job/setting-marks';
import type { Imported } from '../job/stored-job';
import { type Visit, VISIT_REASONS } from '../job/visit';
import { type JobModel, jobModel } from '../model/job-model';
import { observedNow } from '../model/observation-key';
import { CLEARED_BY, stopWords } from '../safety/stops';
import { activeStops } from '../startup/active-stops';
import { momentOf } from '../startup/conditions';
import { valueWords } from '../startup/item-value';
import { type PlannedItem, type PlannedStep, tally } from '../startup/plan';
import { returnVisit } from '../startup/return-visit';
import { shutOffOf } from '../startup/shut-off';
import { startupOf } from '../startup/startup-of';
import type { Grade } from '../startup/step';
import { forVisit } from '../startup/visit-list';
import { roundTo } from '../units/round';
import { type TerminalRow, terminalTable } from '../wiring/terminal-table';
import { diagnosisStory } from './diagnosis-story';
import { homeownerPage, type Paragraph } from './homeowner';
import { measuredLines } from './measured';
import { siteAddress } from './site-address';

/** Fact groups on the technician's page. */
const PRINTED_GROUPS = [
  'outdoorUnit',
  'airHandler',
  'heatKit',
  'thermostat',
  'gates',
  'cables',
  'boxes',
  'house',
] as const;

/** When something was done, and by whom. */
export interface TimeSpan {
  readonly from: string;
  readonly to: string;
  readonly people: string;
}

export interface RecordReading {
  readonly label: string;
  readonly expected: string;
  readonly read: string;
  readonly isCorrected: boolean;
  readonly grade: Grade;
  /** The reading on the comparison visit; missing in older records. */
  readonly before?: string | undefined;
  /** Meaning of an unexpected reading, what to do, and its note. */
  readonly words: string;
}

export interface RecordStep {
  readonly title: string;
  readonly readings: readonly RecordReading[];
  /** Items ticked. */
  readonly done: readonly string[];
  /** Items not measured, with reasons. */
  readonly leftOut: readonly string[];
}

export interface RecordSetting {
  readonly code: string;
  readonly label: string;
  readonly found: string | null;
  readonly left: string | null;
  readonly readBack: string | null;
}

/** One terminal: volts to its common in each call; null: dead. */
export interface RecordTerminal {
  readonly device: string;
  readonly mark: string;
  readonly volts: readonly (string | null)[];
}

/** A job's record as printed, in words. It is stored at handover, so no later version changes its wording. */
export interface HandoverRecord {
  readonly name: string;
  readonly address: string;
  readonly elevation: string;
  readonly visit: { readonly reason: string; readonly began: string } | null;
  readonly outdoorF: number;
  /** Stops with what to do now; missing in older records. */
  readonly stops?: readonly string[] | undefined;
  /** Shut off and tagged, and who acknowledged it, if signed with a stop. */
  readonly shutOff?: string | undefined;
  readonly open: readonly { readonly severity: Severity | null; readonly words: string }[];
  readonly taken: (TimeSpan & { readonly instruments: string }) | null;
  readonly tally: string;
  /** Origin of imported readings; missing in records of jobs made here. */
  readonly imported?: string | undefined;
  /** Combined results such as airflow; missing in older records. */
  readonly measured?: readonly string[] | undefined;
  /** The trouble and its outcome; missing in older records. */
  readonly trouble?: readonly string[] | undefined;
  /** What waits for a return visit, with reason and time; missing in older records. */
  readonly returns?: readonly string[] | undefined;
  /** The old thermostat and what was done with it; missing in older records. */
  readonly changeout?: { readonly was: readonly string[]; readonly moves: readonly string[] } | undefined;
  readonly steps: readonly RecordStep[];
  readonly set: TimeSpan | null;
  readonly settings: readonly { readonly controller: string; readonly rows: readonly RecordSetting[] }[];
  readonly calls: readonly string[];
  readonly terminals: readonly RecordTerminal[];
  readonly facts: readonly {
    readonly group: string;
    readonly rows: readonly { readonly label: string; readonly value: string; readonly isAssumed: boolean }[];
  }[];
  readonly homeowner: readonly Paragraph[];
}

/** Source data of a record. */
export interface RecordSource {
  readonly facts: Facts;
  readonly confirmed: ReadonlySet<FactPath>;
  /** Readings and marks of one visit. */
  readonly readings: readonly Reading[];
  readonly settingMarks: readonly SettingMark[];
  readonly visit: Visit | undefined;
  /** Readings of every visit, if there are several: a stop outlives its visit. */
  readonly everyReading?: readonly Reading[];
  /** Readings of the comparison visit: about a year ago, or the nearest to that. */
  readonly earlier?: readonly Reading[];
  /** Where the job was imported from; undefined: made here. */
  readonly imported?: Imported | undefined;
}

const beforeOf = ({ facts, earlier = [] }: RecordSource): Before => {
  const known = observedNow(facts, earlier);
  return ({ key, item }) => {
    const reading = known.get(key);
    return typeof reading?.value === 'number' ? `${valueWords(item, reading.value)} on ${reading.at.slice(0, 10)}` : '';
  };
};

const spell = (done: readonly (Timed & { readonly author: string })[]): TimeSpan | null => {
  const all = inTime(done);
  const [first, last] = [all[0], all.at(-1)];
  return first && last
    ? { from: first.at, to: last.at, people: [...new Set(all.map(({ author }) => author))].join(', ') }
    : null;
};

const openOf = (model: JobModel, { readings, confirmed }: RecordSource, steps: readonly PlannedStep[]) => {
  const all = findingsOf(model, readings, confirmed);
  const findings = all.filter(({ under }) => under === undefined);
  const explained = all.length - findings.length;
  const waiting = waitingReadings(readings).length;
  return [
    ...findings.map(({ severity, what, fix, waived }) => ({
      severity,
      words: waived ? `${what} Accepted as is by ${waived.by}: ${waived.reason}` : `${what} ${fix}`,
    })),
    ...(waiting > 0 ? [{ severity: 'warning' as const, words: waitingWords(waiting) }] : []),
    ...endedCalibrations([...currentReadings(readings).values()]).map((words) => ({
      severity: 'warning' as const,
      words,
    })),
    ...(explained > 0 ? [{ severity: null, words: `${explained} more with the same cause.` }] : []),
    ...steps
      .filter((planned) => tally([planned]).open > 0)
      .map(({ step, items }) => ({
        severity: null,
        words: `${step.title}: ${items.filter(({ reading, leftOut }) => !reading && !leftOut).length} of ${items.length} readings missing.`,
      })),
  ];
};

const expectedWords = ({ expected, item }: PlannedItem): string => {
  if (expected.kind !== 'band') return '';
  return expected.aim === null ? expected.tolerance : `${roundTo(expected.aim, 1)} ${item.unit}`;
};

/** An item's reading on an earlier visit, with date; empty if not read. */
type Before = (item: PlannedItem) => string;

const readingOf = (planned: PlannedItem, beforeOf: Before): RecordReading[] => {
  const { item, reading, verdict } = planned;
  if (!reading || !verdict || reading.value === 'done') return [];
  const before = beforeOf(planned);
  const isBad = verdict.grade === 'warn' || verdict.grade === 'fail';
  return [
    {
      label: item.label,
      expected: expectedWords(planned),
      read: valueWords(item, reading.value),
      ...(before ? { before } : {}),
      isCorrected: isCorrection(reading),
      grade: verdict.grade,
      words: [...(isBad ? [verdict.means, verdict.next] : []), reading.note, countersignWords(reading)]
        .filter(Boolean)
        .join(' '),
    },
  ];
};

const stepOf = ({ step, items }: PlannedStep, before: Before): RecordStep => ({
  title: step.title,
  readings: items.flatMap((item) => readingOf(item, before)),
  done: items.filter(({ reading }) => reading?.value === 'done').map(({ item }) => item.label),
  leftOut: items.flatMap(({ item, leftOut }) => (leftOut ? [`${item.label}: ${leftOut.why}`] : [])),
});

const settingsOf = (marks: readonly SettingMark[]) => {
  const records = settingRecords(marks);
  return CONTROLLER_ROLES.map((role) => ({
    controller: CONTROLLERS[role],
    rows: records
      .filter(({ controller }) => controller === role)
      .map(({ code, label, found, left, readBack }) => ({
        code,
        label,
        found: found?.value ?? null,
        left: left?.value ?? null,
        readBack: readBack?.value ?? null,
      })),
  })).filter(({ rows }) => rows.length > 0);
};

/** Whether a terminal is hot in some calls but not in all: always hot or never hot tells nothing. */
const changes = ({ mark, isHot }: TerminalRow) => mark !== 'R' && mark !== 'C' && [...isHot.values()].includes(true);

const terminalsOf = (model: JobModel, moment: Moment) => {
  const rows = terminalTable(model.planned, model.soundStates(moment));
  const calls: readonly CallId[] = [...(rows[0]?.volts.keys() ?? [])];
  return {
    calls: calls.map((call) => CALLS[call].short),
    terminals: rows.filter(changes).map(({ device, mark, volts, isHot }) => ({
      device: DEVICE_LABELS[device],
      mark,
      volts: calls.map((call) => (isHot.get(call) ? volts.get(call)!.toFixed(1) : null)),
    })),
  };
};

const factsOf = ({ facts, confirmed }: RecordSource) => {
  const isEmptyList = (value: unknown) => Array.isArray(value) && value.length === 0;
  /** Leaves out unknown values and facts that do not apply to the system. */
  const isPrinted = (path: FactPath) => {
    const value = factValue(facts, path);
    if (value === 'unknown' || !factApplies(facts, path)) return false;
    return confirmed.has(path) || !(value === null || value === '');
  };
  const hasKit = backupOf(facts) === 'strips' && facts.heatKit.elements.length > 0;
  const isThere: Partial<Record<(typeof PRINTED_GROUPS)[number], boolean>> = {
    heatKit: hasKit,
    boxes: hasBoxes(facts),
  };
  return PRINTED_GROUPS.filter((group) => isThere[group] ?? true).map((group) => ({
    group: FACT_GROUP_LABELS[group],
    rows: ALL_FACTS.filter(({ path, group: of }) => of === group && isPrinted(path)).map(({ path, fact }) => {
      const value = factValue(facts, path);
      const isAssumed = !confirmed.has(path);
      const isUnread = isAssumed && isEmptyList(value);
      return {
        label: fact.label,
        value: isUnread
          ? 'not recorded'
          : factWords(fact.kind === 'number' ? { ...fact, unit: unitOfFact(facts, fact) } : fact, value),
        isAssumed: isAssumed && !isUnread,
      };
    }),
  }));
};

const stoppedOf = (
  { facts, readings, everyReading = readings }: RecordSource,
  all: readonly PlannedStep[],
): Pick<HandoverRecord, 'stops' | 'shutOff'> => {
  const stops = activeStops(facts, all, everyReading);
  if (stops.length === 0) return {};
  const shutOff = shutOffOf(stops, everyReading);
  return {
    stops: stops.map(({ stop, label }) => `${label}: ${stopWords(stop)} ${CLEARED_BY}`),
    ...(shutOff.kind === 'acknowledged'
      ? {
          shutOff: `Shut off and tagged by ${shutOff.tagged.author}; acknowledged by ${shutOff.lead.author}, crew lead. Not to be run before it is repaired and read again.`,
        }
      : {}),
  };
};

const importedWords = ({ at, by, from }: Imported): string =>
  `${from}, imported by ${by} on ${at.slice(0, 10)}: what was read and set before that was not entered here.`;

const changeoutOf = (facts: Facts): Pick<HandoverRecord, 'changeout'> => {
  const list = moveList(facts);
  return list ? { changeout: { was: list.back, moves: list.moves.map(({ words }) => words) } } : {};
};

/**
 * The record of a job's visit, in words.
 * @param moment used for conditions that were not measured; measured ones count, also for the terminals
 */
export const handoverRecord = (source: RecordSource, moment: Moment): HandoverRecord => {
  const { facts, readings, settingMarks, visit } = source;
  const model = jobModel(facts);
  // The table is always for the measured temperature.
  const at = momentOf(facts, readings, moment);
  const all = startupOf(model, readings, moment, source.confirmed);
  const steps = forVisit(all, visit?.reason ?? 'new');
  const { pass, warn, fail, open, leftOut } = tally(steps);
  const instruments = [...new Set(readings.map(({ instrument }) => instrument))].filter(Boolean).join('; ');
  const taken = spell(readings);
  const { site } = facts;
  return {
    name: jobName(facts),
    address: siteAddress(facts),
    elevation: `${site.elevationFt.toLocaleString('en-US')} ft`,
    visit: visit ? { reason: VISIT_REASONS[visit.reason], began: visit.began } : null,
    outdoorF: at.outdoorF,
    ...stoppedOf(source, all),
    open: openOf(model, source, steps),
    taken: taken && { ...taken, instruments },
    tally: `${pass} passed, ${warn} to recheck, ${fail} failed, ${open} not read${leftOut > 0 ? `, ${leftOut} skipped with a reason` : ''}.`,
    ...(source.imported && { imported: importedWords(source.imported) }),
    measured: measuredLines(model, readings, moment),
    trouble: diagnosisStory(model, readings, steps),
    returns: returnVisit(facts, all).map(
      ({ what, why, due }) => `${what}. ${why} ${due[0]!.toUpperCase()}${due.slice(1)}.`,
    ),
    ...changeoutOf(facts),
    steps: steps
      .filter(({ items }) => items.some(({ reading, leftOut: left }) => reading ?? left))
      .map((planned) => stepOf(planned, beforeOf(source))),
    set: spell(settingMarks),
    settings: settingsOf(settingMarks),
    ...terminalsOf(model, at),
    facts: factsOf(source),
    homeowner: homeownerPage(facts),
  };
};
