import { DEFAULT_MOMENT } from '../control/moment';
import { diagnosisStory } from '../handover/diagnosis-story';
import { type Reading, seenValue } from '../job/reading';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { startupOf } from '../startup/startup-of';
import { familyById } from '../wiring/families';
import { diagnosisContext } from './diagnosis';
import { COMPLAINT_ITEM, FIXED_ITEM } from './recorded-items';
import { suspectedParts, suspectedRung, suspectsFrom, suspectsQuery } from './suspected-parts';
import { tableOf } from './table';
import { diagnosisView } from './trouble';
import { visitMoment } from './visit-moment';

const { facts } = familyById('w1+aux-e+single+w-out+o')!;
const clinic = diagnosisContext(tableOf(jobModel(facts), DEFAULT_MOMENT));
const complained = (id: string) => said(COMPLAINT_ITEM, seenValue(id));

test('with no complaint and no reading there are no suspects and nothing to read', () => {
  expect(diagnosisView(clinic, [])).toMatchObject({ complaint: null, suspects: [], next: null, evidence: [] });
});

test('a complaint brings suspects and the next reading, with what each suspect would read there', () => {
  const { suspects, next, others } = diagnosisView(clinic, [complained('outdoor-still')]);
  expect(suspects.length).toBeGreaterThan(3);
  expect(next).toMatchObject({ seconds: expect.any(Number), isAgain: false });
  expect(new Set(next!.wouldRead.map(({ reads }) => reads)).size).toBeGreaterThan(1);
  expect(others.length).toBeGreaterThan(0);
});

test('readings from any page count for or against; the cause is named with its confirmation and fix', () => {
  const readings = [complained('hum'), said('heat/look-outdoor-unit', seenValue('fan-and-hum'))];
  const { suspects, standpoint, evidence } = diagnosisView(clinic, readings);
  expect(standpoint).toBe('named');
  expect(suspects[0]).toMatchObject({
    standing: 'likely',
    causes: [{ id: 'outdoors:capacitor', caution: 'capacitor', by: 'technician' }],
    speaksFor: [{ words: 'Outdoor unit', answer: 'Fan runs, compressor hums and stops' }],
    speaksAgainst: [],
  });
  expect(evidence).toHaveLength(1);
  // A reading of Startup under the same key counts here.
  const volts = said('heat/volts-outdoor-unit-Y', 0.2);
  expect(diagnosisView(clinic, [complained('outdoor-still'), volts]).evidence).toMatchObject([
    { words: 'Outdoor unit Y–C', answer: '0.2 V' },
  ]);
});

test('readings from before a fix do not count after it', () => {
  const before = [complained('hum'), said('heat/look-outdoor-unit', seenValue('fan-and-hum'))];
  const fixed = said(FIXED_ITEM, seenValue('outdoors:capacitor'));
  expect(diagnosisView(clinic, [...before, fixed])).toMatchObject({ complaint: null, evidence: [], suspects: [] });
  const after = said('heat/look-outdoor-unit', seenValue('runs'));
  expect(diagnosisView(clinic, [...before, fixed, after]).evidence).toMatchObject([
    { answer: 'Compressor and fan run' },
  ]);
});

test('what cannot be reached is left out, and something else is offered', () => {
  const asked = [complained('outdoor-still')];
  const first = diagnosisView(clinic, asked).next!.probe.id;
  const skipped = {
    ...said(first, 0),
    status: 'not-measured',
    value: null,
    why: 'Can’t get to it',
    replaces: null,
  } as Reading;
  expect(diagnosisView(clinic, [...asked, skipped]).next!.probe.id).not.toBe(first);
});

test('a likely misread is asked for again before anything depends on it', () => {
  const readings = [
    complained('hum'),
    said('heat/look-outdoor-unit', seenValue('fan-and-hum')),
    said('power-off/capacitor-compressor', 100),
    said('power-off/winding-ohms', 1),
  ];
  const { next, standpoint } = diagnosisView(clinic, readings);
  expect([standpoint, next !== null]).toEqual(['open', true]);
});

test('measuring dead stays locked until each supply of its cabinet is verified dead', () => {
  const live = said('heat/volts-air-handler-R', 26);
  expect(diagnosisView(clinic, [complained('blank'), live]).handsOut.indoors).toMatch(/live when last read/);
  expect(diagnosisView(clinic, [complained('blank')]).handsOut.outdoors).toMatch(/not opened yet/);
  const out = said('make-safe/dead-outdoor', 'done');
  expect(diagnosisView(clinic, [complained('blank'), out]).handsOut.outdoors).toBeNull();
});

test('readings are compared at the temperatures that were read', () => {
  const started = SAMPLES[1]!;
  expect(visitMoment(started.facts, started.readings, DEFAULT_MOMENT)).toMatchObject({ outdoorF: 19 });
  expect(visitMoment(started.facts, [], DEFAULT_MOMENT).outdoorF).toBe(DEFAULT_MOMENT.outdoorF);
});

test('the record tells the story in three lines', () => {
  const model = jobModel(facts);
  const story = (readings: readonly Reading[]) =>
    diagnosisStory(model, readings, startupOf(model, readings, DEFAULT_MOMENT));
  expect(story([])).toEqual([]);
  const complaint = complained('hum');
  expect(story([complaint])).toEqual([
    'Complaint: “The outside unit hums but won’t start”.',
    'No cause was confirmed.',
  ]);
  const fixed = said(FIXED_ITEM, seenValue('outdoors:capacitor'));
  expect(story([complaint, fixed])).toEqual([
    'Complaint: “The outside unit hums but won’t start”.',
    'Found and fixed: Compressor’s run capacitor weak or open.',
    expect.stringMatching(/^Not rechecked since: .*heat pump alone/),
  ]);
});

test('remaining suspects are lit on the drawing and marked on the ladder', () => {
  const { suspects } = diagnosisView(clinic, [
    complained('outdoor-still'),
    said('heat/hot-thermostat', seenValue('R+Y+G')),
    said('heat/hot-air-handler', seenValue('R+G')),
  ]);
  expect(suspectedParts(suspects)).toContain('thermostat-cable/yellow');
  expect(suspectsFrom(decodeURIComponent(suspectsQuery(suspectedParts(suspects)).slice('suspects='.length)))).toEqual(
    new Set(suspectedParts(suspects)),
  );
  const strips = diagnosisView(clinic, [complained('not-enough'), said('element-ohms/rungs', seenValue('limit-2'))]);
  expect(suspectedRung(strips.suspects)).toBe('limit-2');
  expect(suspectedRung(suspects)).toBeNull();
});
