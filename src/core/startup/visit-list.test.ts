import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import { said } from '../job/test-readings';
import { VISIT_REASONS, type VisitReason } from '../job/visit';
import { jobModel } from '../model/job-model';
import { families } from '../wiring/families';
import { tally } from './plan';
import { startupOf } from './startup-of';
import { forVisit, MOST_ITEMS } from './visit-list';

const REASONS = Object.keys(VISIT_REASONS) as VisitReason[];
const licensed = (facts: Facts): Facts => ({
  ...facts,
  proof: { ...facts.proof, fuelWork: true, refrigerantWork: true, refrigerantBurns: true, hasLineGuard: true },
});
const some = families().filter((_, at) => at % 23 === 0);

test.each(REASONS)('%s: at most forty items on any system, always with conditions and leaving it right', (reason) => {
  for (const { id, facts } of some) {
    const steps = forVisit(startupOf(jobModel(licensed(facts)), [], DEFAULT_MOMENT), reason);
    const count = steps.reduce((sum, { items }) => sum + items.length, 0);
    expect([id, count <= MOST_ITEMS]).toEqual([id, true]);
    expect(count).toBeGreaterThan(12);
    const ids = steps.map(({ step }) => step.id);
    expect([id, ids.includes('conditions'), ids.at(-1)]).toEqual([id, true, 'leave']);
    expect(ids).toContain('make-safe');
  }
});

test.each(['new', 'season'] as const)(
  '%s: anything that can stop the work at a burner is always on the list',
  (reason) => {
    for (const { id, facts } of some) {
      const steps = forVisit(startupOf(jobModel(licensed(facts)), [], DEFAULT_MOMENT), reason);
      for (const { step, items } of steps) {
        if (step.id !== 'gas' && step.id !== 'oil') continue;
        const ids = items.map(({ item }) => item.id);
        const must = [
          'ambient-co',
          'o2',
          'co',
          ...(step.id === 'gas' ? ['leaks', 'rollout'] : ['smoke', 'draft-fire']),
        ];
        expect([id, must.filter((each) => !ids.includes(each))]).toEqual([id, []]);
      }
    }
  },
);

test('a reading outside the list stays visible and counts', () => {
  const { facts } = families()[0]!;
  const model = jobModel(facts);
  const plain = forVisit(startupOf(model, [], DEFAULT_MOMENT), 'call-back');
  expect(plain.map(({ step }) => step.id)).not.toContain('outage');
  const after = forVisit(startupOf(model, [said('outage/comes-back', 'done')], DEFAULT_MOMENT), 'call-back');
  expect(after.map(({ step }) => step.id)).toContain('outage');
  expect(tally(after).pass).toBe(1);
  expect(tally(after).open).toBe(tally(plain).open);
});

test('each kind of visit has its own list', () => {
  const { facts } = families()[0]!;
  const steps = startupOf(jobModel(facts), [], DEFAULT_MOMENT);
  const lists = REASONS.map((reason) =>
    forVisit(steps, reason)
      .flatMap(({ items }) => items.map(({ key }) => key))
      .join(),
  );
  expect(new Set(lists).size).toBe(REASONS.length);
});
