import { documentOf } from '../formats/job-file';
import { sampleFile } from '../formats/sample-file';
import { blankJob } from '../job/document';
import { NO_HISTORY } from '../job/stored-job';
import { SAMPLES } from '../samples';
import { jobOutline } from './job-summary';

const outlines = SAMPLES.map((sample) => {
  const file = sampleFile(sample);
  return jobOutline({ ...file, document: documentOf(file) });
});

test('says what comes next: a hole, a failed reading, nothing once handed over', () => {
  expect(outlines.map(({ next }) => next)).toEqual([
    'From 30 to 35 °F out, no source may run.',
    'Heat with auxiliary: a reading failed.',
    '',
    expect.stringMatching(/^Outdoor spare: green landed on furnace W1/),
  ]);
});

test('counts findings that nobody waived, and readings; the ruler is the job’s own, small', () => {
  const [planned, started] = outlines;
  expect(planned).toMatchObject({ findings: { error: 1 }, readings: 0, lastVisit: null });
  expect(planned!.ruler).toMatchObject({ holesF: [[30, 35]], designF: 4 });
  expect(started).toMatchObject({ readings: 35, startup: { fail: 1 }, lastVisit: { reason: 'New installation' } });
  expect(started!.ruler.lanes.map(({ source }) => source)).toEqual(['compressor', 'strips', 'strips']);
});

test('a blank job has an outline too', () =>
  expect(jobOutline({ ...NO_HISTORY, document: blankJob(), handedOverAt: null }).startup.open).toBeGreaterThan(0));
