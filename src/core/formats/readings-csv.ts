import Papa from 'papaparse';
import { DEFAULT_MOMENT } from '../control/moment';
import type { FactPath, Facts } from '../job/document';
import { correctedMs, inTime } from '../job/in-time';
import type { Reading } from '../job/reading';
import type { JobHistory } from '../job/stored-job';
import { type Visit, VISIT_REASONS } from '../job/visit';
import { ofVisit, visitsInTime } from '../job/visits';
import { jobModel } from '../model/job-model';
import { observed } from '../model/observation-key';
import { planItem } from '../startup/planned';
import { startupOf } from '../startup/startup-of';
import type { Expectation } from '../startup/step';
import { roundTo } from '../units/round';
import { FORMULA_CELL } from './csv-cell';

const aimOf = (expected: Expectation) =>
  expected.kind === 'band' && expected.aim !== null ? roundTo(expected.aim, 3) : '';
const toleranceOf = (expected: Expectation) => (expected.kind === 'band' ? expected.tolerance : '');

const stateOf = (reading: Reading, replaced: ReadonlySet<string | null>): string =>
  reading.status === 'withdrawn' ? 'withdrawal' : replaced.has(reading.id) ? 'corrected' : 'current';

const visitRows = (
  facts: Facts,
  visit: Visit,
  readings: readonly Reading[],
  isAssumed: (path: FactPath) => boolean,
) => {
  const steps = startupOf(jobModel(facts), readings, DEFAULT_MOMENT);
  // A reading that several steps share is listed with the first.
  const items = new Map(
    steps.flatMap(({ step, items: all }) => all.map(({ key, item }) => [key, { step, item }] as const)).reverse(),
  );
  const order = [...items.keys()].reverse();
  const rank = (key: string) => (items.has(key) ? order.indexOf(key) : order.length);
  const replaced = new Set(readings.map(({ replaces }) => replaces));
  return inTime(observed(facts, readings))
    .sort((a, b) => rank(a.item) - rank(b.item))
    .map((reading) => {
      const found = items.get(reading.item);
      const taken = reading.status === 'taken' ? reading : undefined;
      const planned = found && taken && planItem(reading.item, found.item, taken, undefined, isAssumed);
      return {
        visit: visit.began,
        reason: VISIT_REASONS[visit.reason],
        step: found?.step.title ?? '',
        item: reading.item,
        label: found?.item.label ?? '',
        value: reading.value ?? '',
        unit: found?.item.unit ?? '',
        expected: planned ? aimOf(planned.expected) : '',
        tolerance: planned ? toleranceOf(planned.expected) : '',
        verdict: planned?.verdict?.grade ?? '',
        meaning: planned?.verdict?.means ?? '',
        place: reading.place ?? '',
        at: reading.at,
        corrected_at: new Date(correctedMs(reading)).toISOString(),
        author: reading.author,
        entered_by: reading.enteredBy || reading.author,
        instrument: reading.instrument,
        meter_ohms: reading.meterOhms ?? '',
        status: reading.status,
        why: reading.status === 'taken' ? '' : reading.why,
        note: reading.note,
        countersign: typeof reading.countersign === 'string' ? 'waits' : (reading.countersign?.by ?? ''),
        countersigned_at: typeof reading.countersign === 'string' ? '' : (reading.countersign?.at ?? ''),
        state: stateOf(reading, replaced),
        id: reading.id,
        replaces: reading.replaces ?? '',
      };
    });
};

/** Columns of the file, in order. */
const COLUMNS = [
  'visit',
  'reason',
  'step',
  'item',
  'label',
  'value',
  'unit',
  'expected',
  'tolerance',
  'verdict',
  'meaning',
  'place',
  'at',
  'corrected_at',
  'author',
  'entered_by',
  'instrument',
  'meter_ohms',
  'status',
  'why',
  'note',
  'countersign',
  'countersigned_at',
  'state',
  'id',
  'replaces',
] as const satisfies readonly (keyof ReturnType<typeof visitRows>[number])[];

/**
 * All readings of a job as CSV, including corrected and withdrawn ones: by visit, startup order and time. Readings of
 * items that the job no longer has keep their key and have no verdict.
 * @param confirmed confirmed facts; all if not given
 */
export const readingsCsv = (
  facts: Facts,
  { readings, visits }: Pick<JobHistory, 'readings' | 'visits'>,
  confirmed?: readonly FactPath[],
): string => {
  const known = confirmed && new Set(confirmed);
  const isAssumed = (path: FactPath) => known !== undefined && !known.has(path);
  const rows = visitsInTime(visits).flatMap((visit) => visitRows(facts, visit, ofVisit(readings, visit.id), isAssumed));
  // A cell that a spreadsheet would take for a formula is neutralized.
  return Papa.unparse(rows, { escapeFormulae: FORMULA_CELL, columns: [...COLUMNS] });
};
