import Papa from 'papaparse';
import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import type { Reading } from '../job/reading';
import { planItem, startupPlan } from '../startup/plan';
import type { Expectation, Item } from '../startup/step';
import { roundTo } from '../units/round';

const aimOf = (expected: Expectation) =>
  expected.kind === 'band' && expected.aim !== null ? roundTo(expected.aim, 3) : '';
const toleranceOf = (expected: Expectation) => (expected.kind === 'band' ? expected.tolerance : '');

/**
 * Every reading of a job as CSV, corrected ones included, in the order of the startup and then of time.
 * Readings of items that the job no longer has keep their key and carry no verdict.
 */
export const readingsCsv = (facts: Facts, readings: readonly Reading[]): string => {
  const steps = startupPlan(facts, readings, DEFAULT_MOMENT);
  const items = new Map<string, { step: (typeof steps)[number]['step']; item: Item }>(
    steps.flatMap(({ step, built }) => built.items.map((item) => [`${step.id}/${item.id}`, { step, item }] as const)),
  );
  const order = [...items.keys()];
  const rank = (key: string) => (items.has(key) ? order.indexOf(key) : order.length);
  const corrected = new Set(readings.map(({ replaces }) => replaces));
  const rows = [...readings]
    .sort((a, b) => rank(a.item) - rank(b.item) || a.at.localeCompare(b.at))
    .map((reading) => {
      const found = items.get(reading.item);
      const planned = found && planItem(found.step.id, found.item, reading);
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
    escapeFormulae: true,
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
