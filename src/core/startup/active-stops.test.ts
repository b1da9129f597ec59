import { DEFAULT_MOMENT } from '../control/moment';
import { handoverRecord } from '../handover/record';
import { unsettled } from '../handover/unsettled';
import { blankJob, type Facts } from '../job/document';
import { type Reading, type ReadingValue } from '../job/reading';
import { said } from '../job/test-readings';
import { jobOutline } from '../job-list/job-outline';
import { jobModel } from '../model/job-model';
import { stopWords } from '../safety/stops';
import { familyById } from '../wiring/families';
import { jobStops } from './job-stops';
import { maySign, shutOffOf } from './shut-off';

const licensed = (id: string): Facts => {
  const { facts } = familyById(id)!;
  return { ...facts, proof: { ...facts.proof, fuelWork: true } };
};
const GAS = licensed('gas+aux-e+single+w-out+o');
const OIL = licensed('oil+aux-e+single+w-out+o');
const STRIPS = licensed('w1-w2+aux-e+single+w-out+o');

const stops = (facts: Facts, readings: readonly Reading[]) =>
  jobStops(jobModel(facts), readings, readings, DEFAULT_MOMENT);
const ids = (facts: Facts, readings: readonly Reading[]) => stops(facts, readings).map(({ stop }) => stop);

type Read = readonly [string, ReadingValue];
/** Stops on a system, and what clears them. */
const CASES: readonly (readonly [string, Facts, readonly Read[], readonly Read[]])[] = [
  [
    'co',
    GAS,
    [
      ['gas/o2', 8],
      ['gas/co', 450],
    ],
    [['gas/co', 20]],
  ],
  [
    'co',
    OIL,
    [
      ['oil/co', 95],
      ['oil/o2', 18.5],
    ],
    [
      ['oil/o2', 8],
      ['oil/co', 20],
    ],
  ],
  ['ambient-co', GAS, [['gas/ambient-co', 60]], [['gas/ambient-co', 2]]],
  ['smoke', OIL, [['oil/smoke', 7]], [['oil/smoke', 0]]],
  ['draft', OIL, [['oil/draft-fire', 0.02]], [['oil/draft-fire', -0.02]]],
  ['interlock', GAS, [['furnace/interlock-volts', 24.8]], [['furnace/interlock-volts', 0.2]]],
  ['interlock', GAS, [['emergency/volts-outdoor-unit-Y', 25]], [['emergency/volts-outdoor-unit-Y', 0]]],
  ['interlock', GAS, [['furnace/compressor-stays-off', 'seen:both-ran']], [['furnace/compressor-stays-off', 'done']]],
  ['limit', STRIPS, [['emergency/limit', 'seen:not-open']], [['emergency/limit', 'done']]],
  ['rollout', GAS, [['gas/rollout', 'seen:open']], [['gas/rollout', 'done']]],
  ['gas-leak', GAS, [['gas/leaks', 'seen:leaks']], [['gas/leaks', 'done']]],
  [
    'welded-contactor',
    STRIPS,
    [
      ['control-volts/volts-outdoor-unit-Y', 0.1],
      ['control-volts/look-outdoor-unit', 'seen:runs'],
    ],
    [['control-volts/look-outdoor-unit', 'seen:still']],
  ],
  ['welded-element', STRIPS, [['control-volts/amps-1', 20]], [['control-volts/amps-1', 0]]],
  [
    'welded-element',
    STRIPS,
    [
      ['emergency/volts-air-handler-W1', 0],
      ['emergency/amps-1', 40],
    ],
    [['emergency/amps-1', 0]],
  ],
  ['not-verified-dead', STRIPS, [['make-safe/dead-outdoor', 'seen:still-live']], [['make-safe/dead-outdoor', 'done']]],
  ['control-overvoltage', STRIPS, [['heat/volts-outdoor-unit-Y', 52]], [['heat/volts-outdoor-unit-Y', 25]]],
  ['control-overvoltage', STRIPS, [['heat/volts-thermostat-R', 240]], [['heat/volts-thermostat-R', 25]]],
];

const readingsOf = (read: readonly Read[]) => read.map(([item, value]) => said(item, value));

describe.each(CASES)('%s', (stop, facts, bad, good) => {
  const readings = readingsOf(bad);

  it('is active until the same measurement reads right, and not before', () => {
    expect(ids(facts, readings)).toContain(stop);
    expect(ids(facts, [...readings, ...readingsOf(good)])).not.toContain(stop);
  });

  it('is cleared neither by withdrawing the reading nor by leaving it out', () => {
    const last = readings.at(-1)!;
    const later = { at: '2027-01-01T00:00:00.000Z', value: null, why: 'Typo' } as const;
    expect(ids(facts, [...readings, { ...last, ...later, id: 'w', status: 'withdrawn', replaces: last.id }])).toContain(
      stop,
    );
    expect(ids(facts, [...readings, { ...last, ...later, id: 'n', status: 'not-measured' }])).toContain(stop);
  });

  it('reads the same on record, job list and open items; signed only as shut off, acknowledged by a lead', () => {
    const record = (all: readonly Reading[]) =>
      handoverRecord(
        { facts, confirmed: new Set(), readings: all, settingMarks: [], visit: undefined },
        DEFAULT_MOMENT,
      );
    expect(record(readings).stops!.join(' ')).toContain(stopWords(stop as 'co'));
    expect(unsettled(record(readings))[0]).toMatch(/Stop work/);
    const outline = jobOutline({
      document: { ...blankJob(), facts },
      handedOverAt: null,
      readings: [...readings],
      settingMarks: [],
      visits: [{ id: 'v', reason: 'call-back', began: readings[0]!.at, ended: null, author: 'R' }],
    });
    expect(outline.stops).toContain(stop);
    expect(outline.next).toMatch(/^Stop work: /);
    const active = stops(facts, readings);
    const tagged = said('stop-work/tagged', 'done');
    const lead = said('stop-work/acknowledged', 'done');
    expect(maySign(shutOffOf(active, readings))).toBe(false);
    expect(maySign(shutOffOf(active, [...readings, tagged]))).toBe(false);
    expect(maySign(shutOffOf(active, [...readings, tagged, lead]))).toBe(true);
    expect(record([...readings, tagged, lead]).shutOff).toMatch(/Shut off and tagged by R; acknowledged by R/);
    // Failed again while tagged: the same stop, already tagged.
    expect(maySign(shutOffOf(stops(facts, [...readings, tagged, lead, ...readingsOf(bad)]), [tagged, lead]))).toBe(
      true,
    );
  });
});

test('a new O₂ alone never clears what CO stopped', () => {
  const readings = readingsOf([
    ['gas/o2', 18.5],
    ['gas/co', 95],
    ['gas/o2', 8],
  ]);
  expect(ids(GAS, readings)).toEqual(['co']);
});

test('a stop outlives its visit', () => {
  const [bad] = readingsOf([['oil/smoke', 6]]);
  const model = jobModel(OIL);
  expect(jobStops(model, [], [{ ...bad!, visit: 'earlier' }], DEFAULT_MOMENT).map(({ stop }) => stop)).toEqual([
    'smoke',
  ]);
});

test('30 V and below stop nothing; a line-voltage reading is not a control conductor', () => {
  expect(
    ids(
      STRIPS,
      readingsOf([
        ['heat/volts-air-handler-R', 28],
        ['heat/volts-outdoor', 240],
        ['supply-volts/kit-1', 240],
      ]),
    ),
  ).toEqual([]);
});
