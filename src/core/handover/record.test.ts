import { DEFAULT_MOMENT } from '../control/moment';
import { withFact } from '../job/document';
import type { Reading, UntakenReading } from '../job/reading';
import { SAMPLES } from '../samples';
import { handoverRecord, type RecordSource } from './record';
import { recordDifferences } from './record-differences';
import { unsettled } from './unsettled';

const [, started, proved] = SAMPLES as [(typeof SAMPLES)[number], (typeof SAMPLES)[number], (typeof SAMPLES)[number]];
const source = (sample: (typeof SAMPLES)[number], change: Partial<RecordSource> = {}): RecordSource => ({
  facts: sample.facts,
  confirmed: new Set(sample.confirmed),
  readings: sample.readings,
  settingMarks: sample.settingMarks ?? [],
  visit: sample.visits[0],
  ...change,
});
const record = (of: RecordSource) => handoverRecord(of, { ...DEFAULT_MOMENT, outdoorF: 27 });

test('names who was there, what was read and set, and what a corrected reading is', () => {
  const { name, visit, taken, tally, steps, settings, homeowner } = record(source(proved));
  expect([name, visit?.reason, taken?.people]).toEqual([
    'Brandvold-Nkemelu, Cinder Creek',
    'New installation',
    'Emeric Valtonen',
  ]);
  expect(tally).toMatch(/^\d+ passed, 0 to recheck, 0 failed, 0 not read\.$/);
  const ohms = steps.find(({ title }) => title === 'Element ohms, cold')!.readings;
  expect(ohms[0]).toMatchObject({ read: '12.1 Ω', isCorrected: true, grade: 'pass', words: '' });
  expect(settings.map(({ controller }) => controller)).toEqual(['Thermostat', 'Indoor board', 'Outdoor board']);
  expect(homeowner.length).toBeGreaterThan(3);
});

test('a failed reading is shown with its meaning and what to do; open items are counted', () => {
  const { open, steps } = record(source(started));
  const failed = steps.flatMap(({ readings }) => readings).filter(({ grade }) => grade === 'fail');
  expect(failed).toHaveLength(1);
  expect(failed[0]!.words.length).toBeGreaterThan(20);
  expect(open.some(({ words }) => /\d+ of \d+ readings missing\.$/.test(words))).toBe(true);
});

test('before handover: failures first, then serious findings, then what was not read; a complete job has none', () => {
  const lines = unsettled(record(source(started)));
  expect(lines[0]).toMatch(/^Failed: Heat with auxiliary, /);
  expect(lines.filter((line) => /\d+ of \d+ readings missing\.$/.test(line)).length).toBeGreaterThan(2);
  expect(lines.at(-1)).toMatch(/readings missing\.$/);
  expect(unsettled(record(source(proved)))).toEqual([]);
  expect(unsettled({ steps: [], open: [{ severity: 'advice', words: 'Only advice.' }] })).toEqual([]);
});

test('what was left unmeasured is shown with its reason, and is no longer open', () => {
  const first = started.readings[0]!;
  const left = {
    ...first,
    id: 'left',
    item: 'leave/none',
    status: 'not-measured',
    value: null,
    why: 'no ladder',
    replaces: null,
  } as UntakenReading;
  const openOf = (readings: readonly Reading[]) => record(source(started, { readings })).tally;
  expect(record(source(started, { readings: [] })).steps).toEqual([]);
  const outdoor = { ...left, item: 'conditions/outdoor' };
  const { steps } = record(source(started, { readings: [outdoor] }));
  expect(steps.flatMap(({ leftOut }) => leftOut)).toEqual([expect.stringMatching(/: no ladder$/)]);
  expect(openOf([outdoor])).toMatch(/ 1 skipped with a reason\.$/);
});

test('a record does not differ from itself; for a changed fact it shows before and after', () => {
  const then = record(source(proved));
  expect(recordDifferences(then, record(source(proved)))).toEqual([]);
  const facts = withFact(proved.facts, 'gates.auxAboveF', 30);
  const differences = recordDifferences(then, record(source(proved, { facts })));
  expect(differences.find(({ then: words }) => words === '40 °F')).toMatchObject({ now: '30 °F' });
  const gone = recordDifferences(then, record(source(proved, { settingMarks: [] }))).filter(({ now }) => now === null);
  expect(gone.map(({ then: words }) => words)).toContainEqual(expect.stringMatching(/^found /));
  expect(gone).toContainEqual({ where: 'Set by', then: 'Emeric Valtonen', now: null });
});

test('a reading from about a year ago is shown next to today’s, and when a later one differs', () => {
  const earlier = proved.readings.filter(({ item }) => item === 'heat/compressor-amps');
  const now = record(source(proved, { earlier }));
  const amps = now.steps.flatMap(({ readings }) => readings).find(({ label }) => label === 'Compressor')!;
  expect(amps.before).toBe(`${amps.read} on ${earlier.at(-1)!.at.slice(0, 10)}`);
  expect(record(source(proved)).steps.flatMap(({ readings }) => readings)[0]).not.toHaveProperty('before');
  expect(
    recordDifferences(record(source(proved)), now)
      .map(({ now: words }) => words)
      .join(),
  ).toMatch(/before /);
});
