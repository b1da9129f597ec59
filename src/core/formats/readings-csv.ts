import Papa from 'papaparse';
import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import type { Reading } from '../job/reading';
import { jobModel } from '../model';
import { observed } from '../model/observable';
import { planItem } from '../startup/planned';
import type { Expectation } from '../startup/step';
import { roundTo } from '../units/round';
import { FORMULA_CELL } from './csv-cell';

const aimOf = (expected: Expectation) =>
  expected.kind === 'band' && expected.aim !== null ? roundTo(expected.aim, 3) : '';
const toleranceOf = (expected: Expectation) => (expected.kind === 'band' ? expected.tolerance : '');

/**
 * Every reading of a job as CSV, corrected ones included, in the order of the startup and then of time.
 * Readings of items that the job no longer has keep their key and carry no verdict.
 */
export const readingsCsv = (facts: Facts, readings: readonly Reading[]): string => {
  const steps = jobModel(facts).startup(readings, DEFAULT_MOMENT);
  const named = observed(facts, readings);
  // One thing that several steps read stands with the first of them.
  const items = new Map(
    steps.flatMap(({ step, items: all }) => all.map(({ key, item }) => [key, { step, item }] as const)).reverse(),
  );
  const order = [...items.keys()].reverse();
  const rank = (key: string) => (items.has(key) ? order.indexOf(key) : order.length);
  const corrected = new Set(readings.map(({ replaces }) => replaces));
  const rows = named
    .sort((a, b) => rank(a.item) - rank(b.item) || a.at.localeCompare(b.at))
    .map((reading) => {
      const found = items.get(reading.item);
      const planned = found && planItem(reading.item, found.item, reading);
      return {
        step: found?.step.title ?? '',
        item: reading.item,
        label: found?.item.label ?? '',
        value: reading.value,
        unit: found?.item.unit ?? '',
        expected: planned ? aimOf(planned.expected) : '',
        tolerance: planned ? toleranceOf(planned.expected) : '',
        verdict: planned?.verdict?.grade ?? '',
        meaning: planned?.verdict?.means ?? '',
        place: reading.place ?? '',
        at: reading.at,
        author: reading.author,
        instrument: reading.instrument,
        state: corrected.has(reading.id) ? 'corrected' : 'current',
        id: reading.id,
        replaces: reading.replaces ?? '',
      };
    });
  // A cell that a spreadsheet would take for a formula is disarmed.
  return Papa.unparse(rows, {
    escapeFormulae: FORMULA_CELL,
    columns: [
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
      'author',
      'instrument',
      'state',
      'id',
      'replaces',
    ],
  });
};
