import { causesOf } from '../causes';
import { findingsOf } from '../check';
import { DEFAULT_MOMENT } from '../control/moment';
import { tableOf } from '../diagnosis/table';
import { tonightOptions } from '../diagnosis/tonight';
import { wireListCsv } from '../formats/wire-list-csv';
import type { FactPath, Facts } from '../job/document';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { decimalSlip } from '../startup/decimal-slip';
import { jobStops } from '../startup/job-stops';
import { startupOf } from '../startup/startup-of';
import { unitSlip } from '../startup/unit-slip';
import { truckList } from '../truck/truck-list';
import { removeJumper, wireRows } from '../wiring/as-found';
import { families } from '../wiring/families';
import { faultsOf } from '../wiring/fault';
import { plan } from '../wiring/plan';
import { type StopId, STOPS, stopWords } from './stops';

/** `npm run proof` takes every family; otherwise a few of each kind. */
const isSweep = process.env.SWEEP === 'all';
const ALL = families();
const some = (count: number) => (isSweep ? ALL : ALL.filter((_, at, all) => at % Math.ceil(all.length / count) === 0));

/** Nameplates read and licenses set, so that every reading is asked for. */
const licensed = (facts: Facts): Facts => ({
  ...facts,
  proof: {
    ...facts.proof,
    fuelWork: true,
    refrigerantWork: true,
    leastMegohms: 20,
    hasLineGuard: true,
    guardDelayMin: 5,
    inputBtuh: 80_000,
    safetyMostS: 45,
  },
});

/** Text that would instruct someone to bypass a safety, or to remove one from its circuit. */
const SAFETY =
  '(?:PS1|PS2|pressure.switch|limit|rollout|float switch|low.gas|flame|high.pressure switch|low.pressure switch|door switch)';
const BRIDGES = '(?:jumper|bridge|bypass|strap|defeat|short out|lead around|hold in|wire around)';
const INSTRUCTS = new RegExp(`\\b${BRIDGES}\\w*\\b.*${SAFETY}|${SAFETY}.*\\b${BRIDGES}\\w*\\b`, 'i');
/** Text that forbids or undoes a bypass is not such an instruction. */
const FORBIDS = /\b(never|no|not|nothing|take out|without|remove)\b/i;
const sentencesOf = (words: string) => words.split(/(?<=[.!?;:])\s+/);
const offending = (lines: readonly string[]) =>
  lines.flatMap(sentencesOf).filter((sentence) => INSTRUCTS.test(sentence) && !FORBIDS.test(sentence));

test('the filter catches forbidden instructions, and allows text that forbids them', () => {
  expect(
    offending(['Jumper PS1 to PS2.', 'Fit it. Put a bridge over the limit.', 'Bypass the rollout switch.']),
  ).toHaveLength(3);
  expect(offending(['Never bypass the limit.', 'Take out the jumper at the float switch.'])).toEqual([]);
});

describe('no instruction jumpers or bypasses a safety circuit', () => {
  test.each(some(60).map(({ id, facts }) => [id, facts] as const))('%s', (_, facts) => {
    const harness = plan(facts);
    const recorded = wireRows(harness);
    // Wiring recorded with one planned jumper missing must call for that jumper, and never one across a safety.
    const walls = harness.jumpers.map((jumper): Facts => ({
      ...facts,
      wiring: { ...facts.wiring, asFound: [...removeJumper(recorded, jumper)] },
    }));
    const findings = [facts, ...walls].flatMap((each) => findingsOf(jobModel(each)));
    const job = { facts, confirmed: new Set<FactPath>(), readings: [] };
    expect(
      offending([
        ...findings.flatMap(({ what, fix, why }) => [what, fix, why]),
        ...causesOf(facts, harness).flatMap(({ words, confirm, fix }) => [words, confirm, fix]),
        ...truckList(job).flatMap(({ label, why }) => [label, why]),
        ...faultsOf(harness).map(({ words }) => words),
        wireListCsv(harness),
        ...startupOf(jobModel(licensed(facts)), [], DEFAULT_MOMENT).flatMap(({ built, items }) => [
          ...built.how,
          ...items.map(({ item }) => item.label),
        ]),
      ]),
    ).toEqual([]);
  });

  test.each(some(3).map(({ id, facts }) => [id, facts] as const))('nor does tonight: %s', (_, facts) => {
    const table = tableOf(jobModel(facts), DEFAULT_MOMENT);
    const ways = table.causes.flatMap(({ id }) => tonightOptions(table, id, 10));
    expect(offending(ways.flatMap(({ words, undo }) => [words, ...(undo ?? [])]))).toEqual([]);
    for (const way of ways) expect(way.heatBtuh).toBeGreaterThan(0);
  });
});

/** Numbers over many decades, and likely typing slips of good ones. */
const FIGURES = [0.003, 0.024, 0.24, 0.62, 1, 2.48, 9, 15, 24.8, 30, 45, 90, 120, 240, 248, 450, 2400, 5000, 24_800];

describe('no tap makes a safety reading pass', () => {
  test.each(some(40).map(({ id, facts }) => [id, facts] as const))('%s', (_, facts) => {
    const items = startupOf(jobModel(licensed(facts)), [], DEFAULT_MOMENT).flatMap((step) => step.items);
    const safe = items.filter(
      ({ item, expected }) =>
        item.isSafety || item.stops !== undefined || (expected?.kind === 'band' && expected.isDead === true),
    );
    expect(safe.length).toBeGreaterThan(3);
    for (const { key, item } of safe)
      for (const value of FIGURES)
        expect([key, value, decimalSlip(item, value, null), unitSlip(item, value, null)]).toEqual([
          key,
          value,
          null,
          null,
        ]);
  });
});

describe('a reading that stops the work says so in the stop’s own words', () => {
  test.each(some(40).map(({ id, facts }) => [id, facts] as const))('%s', (_, given) => {
    const facts = licensed(given);
    const model = jobModel(facts);
    const items = startupOf(model, [], DEFAULT_MOMENT).flatMap((step) => step.items);
    for (const { key, item, judged } of items) {
      if (item.stops === undefined) continue;
      const bad = [...FIGURES, 'ran', 'failed', 'both-ran'].find(
        (value) => judged(value as number, null).stop === item.stops,
      );
      if (bad === undefined) continue;
      expect(judged(bad as number, null)).toMatchObject({ grade: 'fail', next: stopWords(item.stops) });
      const readings = [said(key, bad as number)];
      expect(jobStops(model, readings, readings, DEFAULT_MOMENT).map(({ stop }) => stop)).toContain(item.stops);
    }
  });

  test('a cause that stops the work is on the list, in every family', () => {
    const named = new Set(
      some(60).flatMap(({ facts }) => causesOf(facts, plan(facts)).flatMap(({ stop }) => stop ?? [])),
    );
    expect([...named].sort()).toEqual(['welded-contactor', 'welded-element']);
    for (const stop of named) expect(STOPS[stop as StopId].now.length).toBeGreaterThan(0);
  });
});

test('a good system of every family has neither an error nor a warning', () => {
  const wrong = some(150).flatMap(({ id, facts }) =>
    findingsOf(jobModel(facts))
      .filter(({ severity }) => severity !== 'advice')
      .map(({ rule, what }) => `${id} ${rule}: ${what}`),
  );
  expect(wrong).toEqual([]);
});
