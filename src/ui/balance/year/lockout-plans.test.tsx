import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useMemo } from 'react';
import { BIN_WIDTH_F, binned } from '@/core/balance/year/temperatures';
import { blankJob, withFact } from '@/core/job/document';
import { comparePlans } from '@/core/setup/ways/compare';
import { jobPlans, PLANS_BOUNDS, planToRow } from '@/core/setup/ways/way';
import { jobWith, renderInJob, withoutSignal } from '../../../../tests/components/in-job';
import { useJob } from '../../job/provider';
import { Toasts } from '../../kit/toasts';
import { LockoutPlans } from './lockout-plans';

const BINS = binned(
  Array.from({ length: 8760 }, (_, hour) => 40 - 30 * Math.cos((hour / 8760) * 2 * Math.PI)),
  BIN_WIDTH_F,
);

const Plans = () => {
  const facts = useJob((job) => job.facts);
  const plans = useMemo(() => jobPlans(facts), [facts]);
  const compared = useMemo(() => comparePlans(facts, plans, BINS), [facts, plans]);
  return (
    <>
      <LockoutPlans plans={plans} compared={compared} isOld={false} fuelUnit={null} />
      <output aria-label="Lockouts">{`${facts.gates.compressorBelowF} ${facts.gates.auxAboveF}`}</output>
      <Toasts />
    </>
  );
};

const lockouts = () => screen.getByRole('status', { name: 'Lockouts' }).textContent;
const facts = withFact(withFact(blankJob().facts, 'gates.compressorBelowF', 12), 'gates.auxAboveF', 44);

beforeEach(withoutSignal);

test('a plan is used with both of its lockouts at once, and one undo brings both back', async () => {
  renderInJob(<Plans />, jobWith(facts));
  const before = lockouts();
  expect(before).toBe('12 44');
  const uses = screen.getAllByRole('button', { name: /^Use this in Setup/ });
  for (const use of uses) {
    await userEvent.click(use);
    if (lockouts() !== before) break;
  }
  expect(lockouts()).not.toBe(before);
  await userEvent.click((await screen.findAllByRole('button', { name: 'Undo' })).at(-1)!);
  expect(lockouts()).toBe(before);
});

test('no more than the most plans can be added, and the last one cannot be removed', async () => {
  const [one] = jobPlans(facts);
  const full = Array.from({ length: PLANS_BOUNDS[1] }, (_, at) => planToRow({ ...one!, name: `Plan ${at + 1}` }));
  const { unmount } = renderInJob(<Plans />, jobWith(withFact(facts, 'year.ways', full)));
  expect(screen.queryByRole('button', { name: 'Add plan' })).toBe(null);
  unmount();
  const least = full.slice(0, PLANS_BOUNDS[0]);
  renderInJob(<Plans />, jobWith(withFact(facts, 'year.ways', least)));
  await userEvent.click(screen.getAllByRole('button', { name: /^Change / })[0]!);
  await screen.findByRole('dialog');
  expect(screen.queryByRole('button', { name: 'Remove' })).toBe(null);
});

test('a plan without a name cannot be saved', async () => {
  renderInJob(<Plans />, jobWith(facts));
  await userEvent.click(screen.getByRole('button', { name: 'Add plan' }));
  const name = await screen.findByRole('textbox', { name: 'Name' });
  await userEvent.clear(name);
  await userEvent.tab();
  expect(screen.getByRole('alert').textContent).toContain('A name is needed.');
  expect(screen.queryAllByRole('row', { hidden: true }).some((row) => row.textContent!.includes('New plan'))).toBe(
    false,
  );
});
