import { DEFAULT_MOMENT } from '../control/moment';
import { documentOf } from '../formats/job-file';
import { sampleFile } from '../formats/sample-file';
import { handoverRecord } from '../handover/record';
import { unsettled } from '../handover/unsettled';
import { blankJob } from '../job/document';
import { NO_HISTORY } from '../job/stored-job';
import { lastReadings, lastVisit } from '../job/visits';
import { SAMPLES } from '../samples';
import { jobOutline } from './job-outline';

const outlines = SAMPLES.map((sample) => {
  const file = sampleFile(sample);
  return jobOutline({ ...file, document: documentOf(file) });
});

test('says what comes next: a gap, a failed reading, nothing once handed over', () => {
  expect(outlines.map(({ next }) => next)).toEqual([
    'From 30 to 35 °F outside, no heat source is allowed to run.',
    'Heat with auxiliary: a reading failed.',
    '',
    expect.stringMatching(
      /^Outdoor spare: green is landed on furnace W1 and outdoor unit W-out; the plan leaves it unconnected/,
    ),
  ]);
});

test('counts findings that nobody waived, and readings; the small ruler is the job’s own', () => {
  const [planned, started] = outlines;
  expect(planned).toMatchObject({ findings: { error: 1 }, readings: 0, lastVisit: null });
  expect(planned!.ruler).toMatchObject({ holesF: [[30, 35]], designF: 4 });
  expect(started).toMatchObject({ readings: 35, startup: { fail: 1 }, lastVisit: { reason: 'New installation' } });
  expect(started!.ruler.lanes.map(({ source }) => source)).toEqual(['compressor', 'strips', 'strips']);
});

test('a blank job has an outline too', () =>
  expect(jobOutline({ ...NO_HISTORY, document: blankJob(), handedOverAt: null }).startup.open).toBeGreaterThan(0));

test('an apprentice’s waiting readings come before what is open; the record says so and is not settled', () => {
  const file = sampleFile(SAMPLES[2]!);
  const [first, ...rest] = file.readings;
  const waits = { ...file, readings: [{ ...first!, countersign: 'waits' as const }, ...rest] };
  const source = { ...waits, document: documentOf(file), handedOverAt: null };
  expect(jobOutline(source).next).toBe('1 reading needs a countersignature.');
  expect(jobOutline({ ...source, readings: file.readings }).next).not.toMatch(/countersign/);
  const record = handoverRecord(
    {
      facts: file.facts,
      confirmed: new Set(file.confirmed),
      readings: lastReadings(waits),
      settingMarks: [],
      visit: lastVisit(file.visits),
    },
    DEFAULT_MOMENT,
  );
  expect(unsettled(record)).toContain('1 reading needs a countersignature.');
});
