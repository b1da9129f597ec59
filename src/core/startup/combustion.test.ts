import fc from 'fast-check';
import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import type { ReadingValue } from '../job/reading';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { familyById } from '../wiring/families';
import { airFreePpm, coVerdict, efficiencySpan, fitTogether, oilInputBtuh } from './combustion';
import { startupOf } from './startup-of';

const { facts: oilFacts } = familyById('oil+aux-e+single+w-out+o')!;
const { facts: gasFacts } = familyById('gas+aux-e+single+w-out+o')!;
const licensed = (facts: Facts, proof: Partial<Facts['proof']> = {}): Facts => ({
  ...facts,
  proof: { ...facts.proof, fuelWork: true, ...proof },
});
const OIL = licensed(oilFacts);
const GAS = licensed(gasFacts);

/** Verdict on the last of the given readings. */
const verdictOf = (facts: Facts, ...read: (readonly [string, ReadingValue])[]) => {
  const readings = read.map(([item, value]) => said(item, value));
  const key = readings.at(-1)!.item;
  return startupOf(jobModel(facts), readings, DEFAULT_MOMENT)
    .flatMap(({ items }) => items)
    .find((each) => each.key === key)!.verdict!;
};
const grade = (facts: Facts, ...read: (readonly [string, ReadingValue])[]) => verdictOf(facts, ...read).grade;

test('95 ppm at 18.5 % O₂ is 827 air-free', () => expect(airFreePpm(95, 18.5)).toBeCloseTo(827, 0));

describe.each(['gas', 'oil'] as const)('CO, %s', (step) => {
  const facts = step === 'gas' ? GAS : OIL;
  const co = (ppm: number, o2?: number, proof: Partial<Facts['proof']> = {}) =>
    verdictOf(
      { ...facts, proof: { ...facts.proof, ...proof } },
      ...(o2 === undefined ? [] : [[`${step}/o2`, o2] as const]),
      [`${step}/co`, ppm],
    );

  it('2,000 ppm stops the work, whatever limit was entered or none', () => {
    for (const mostCoPpm of [null, 100, 400, 2000])
      for (const o2 of [undefined, 8]) expect(co(2000, o2, { mostCoPpm })).toMatchObject({ grade: 'fail', stop: 'co' });
  });

  it('says what to do now, and whom to tell', () => {
    expect(co(2000, 8).next).toMatch(
      /Shut the furnace off.*Do not leave it running.*Open doors and windows.*Tell the homeowner/,
    );
  });

  it.each([
    [40, 8, 'pass'],
    [40, undefined, 'warn'],
    [10, 16, 'warn'],
    [95, 18.5, 'fail'],
    [150, 8, 'warn'],
    [300, 8, 'fail'],
    [10, 20.9, 'warn'],
  ] as const)('%d ppm at %p %% O₂: %s', (ppm, o2, expected) => expect(co(ppm, o2).grade).toBe(expected));

  it('is judged by a lower limit that was entered', () => {
    expect(co(40, 8, { mostCoPpm: 50 })).toMatchObject({ grade: 'fail', stop: 'co' });
    expect(co(150, 8, { mostCoPpm: 400 }).grade).toBe('pass');
  });

  it('never passes above the ceiling, diluted, or without O₂', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.option(fc.double({ min: 0, max: 25, noNaN: true }), { nil: undefined }),
        fc.option(fc.double({ min: 1, max: 2000, noNaN: true })),
        (ppm, o2, typedPpm) => {
          if (coVerdict(ppm, o2, typedPpm).grade !== 'pass') return;
          expect(o2).toBeLessThanOrEqual(14);
          expect(airFreePpm(ppm, o2!)).toBeLessThanOrEqual(400);
        },
      ),
    ));

  it.each([
    [5, 'pass'],
    [20, 'warn'],
    [40, 'fail'],
  ] as const)('in the room: %d ppm, %s', (ppm, expected) => {
    const { grade: read, stop } = verdictOf(facts, [`${step}/ambient-co`, ppm]);
    expect([read, stop]).toEqual([expected, expected === 'fail' ? 'ambient-co' : undefined]);
  });
});

describe('oil', () => {
  it.each([
    [0, 'pass'],
    [0.5, 'pass'],
    [1, 'warn'],
    [2, 'fail'],
    [7, 'fail'],
  ] as const)('smoke %d: %s', (number, expected) => expect(grade(OIL, ['oil/smoke', number])).toBe(expected));

  it.each([
    [-0.02, 'pass'],
    [-0.005, 'warn'],
    [0, 'fail'],
    [0.03, 'fail'],
  ] as const)('draft over the fire %d in. w.c.: %s', (inWc, expected) =>
    expect(grade(OIL, ['oil/draft-fire', inWc])).toBe(expected),
  );

  it('a listed forced-draft burner is judged by its own range, and by none before it is entered', () => {
    const forced = licensed(oilFacts, { chamberPressure: 'positive', draftLeastInWc: 0.02, draftMostInWc: 0.1 });
    expect(grade(forced, ['oil/draft-fire', 0.05])).toBe('pass');
    expect(verdictOf(forced, ['oil/draft-fire', -0.2])).toMatchObject({ grade: 'fail', stop: 'draft' });
    expect(grade(licensed(oilFacts, { chamberPressure: 'positive' }), ['oil/draft-fire', 0.05])).toBe('noted');
  });

  it('CO₂ 14 % with O₂ 14 % cannot be one sample', () => {
    expect(fitTogether('fuel-oil', 10.3, 7)).toBe(true);
    expect(fitTogether('fuel-oil', 14, 14)).toBe(false);
    expect(grade(OIL, ['oil/o2', 14], ['oil/co2', 14])).toBe('fail');
    expect(grade(OIL, ['oil/o2', 7], ['oil/co2', 10.2])).toBe('noted');
  });

  it('net stack above the flue gas is impossible; so is efficiency 99 with a hot stack', () => {
    expect(grade(OIL, ['oil/flue', 400], ['oil/net-stack', 430])).toBe('fail');
    expect(grade(OIL, ['oil/flue', 470], ['oil/net-stack', 400])).toBe('noted');
    const burning = [
      ['oil/o2', 7],
      ['oil/flue', 470],
      ['oil/net-stack', 400],
    ] as const;
    expect(grade(OIL, ...burning, ['oil/efficiency', 99])).toBe('fail');
    expect(grade(OIL, ...burning, ['oil/efficiency', 83.5])).toBe('pass');
    const [least, most] = efficiencySpan('fuel-oil', 400, 7.3);
    expect([least, most].map(Math.round)).toEqual([78, 89]);
  });

  it('1.5 gal/h at 140 psi is about 246,000 Btu/h: four times a nameplate of 60,000', () => {
    expect(oilInputBtuh(1.5, 140)).toBeCloseTo(245_800, -2);
    const big = licensed(oilFacts, { nozzleGph: 1.5, pumpPsi: 140, inputBtuh: 60_000 });
    expect(verdictOf(big, ['oil/pump', 140])).toMatchObject({ grade: 'fail', stop: 'overfired' });
    const right = licensed(oilFacts, { nozzleGph: 0.5, pumpPsi: 100, inputBtuh: 70_000 });
    expect(grade(right, ['oil/pump', 100])).toBe('pass');
    expect(grade(right, ['oil/pump', 150])).toBe('fail');
  });
});

describe('gas', () => {
  it('does not take another gas’s manifold pressure for the nameplate’s', () => {
    const wrong = licensed(gasFacts, { manifoldInWc: 10 });
    expect(grade(wrong, ['emergency/manifold', 10])).toBe('noted');
    expect(grade(GAS, ['emergency/manifold', 10])).toBe('fail');
    const { facts } = familyById('propane+aux-e+single+w-out+o')!;
    expect(grade(licensed(facts, { manifoldInWc: 3.5 }), ['emergency/manifold', 3.5])).toBe('noted');
  });

  it('has a minimum flame current', () =>
    expect([0.2, 0.7, 3].map((uA) => grade(GAS, ['emergency/flame-current', uA]))).toEqual(['fail', 'warn', 'pass']));

  it('asks to clock no meter that propane does not have', () => {
    const { facts } = familyById('propane+aux-e+single+w-out+o')!;
    const step = startupOf(jobModel(licensed(facts)), [], DEFAULT_MOMENT).find((each) => each.step.id === 'gas')!;
    expect(step.items.map(({ item }) => item.id)).not.toContain('clock');
    expect(step.built.limits).not.toContain('proof.meterDialFt3');
  });

  it('a limit that does not open and a leak stop the work with their own tap', () => {
    expect(verdictOf(GAS, ['gas/limit', 'seen:not-open'])).toMatchObject({ grade: 'fail', stop: 'limit' });
    expect(verdictOf(GAS, ['gas/leaks', 'seen:leaks'])).toMatchObject({ grade: 'fail', stop: 'gas-leak' });
    expect(verdictOf(GAS, ['gas/rollout', 'seen:open'])).toMatchObject({ grade: 'fail', stop: 'rollout' });
  });
});
