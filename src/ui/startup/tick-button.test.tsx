import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { jobModel } from '@/core/model/job-model';
import { startupOf } from '@/core/startup/startup-of';
import { renderInJob, withoutSignal } from '../../../tests/components/in-job';
import { useJob } from '../job/provider';
import { StartupItem } from './item';

/** All tasks with stages, and all readings that need hands inside. */
const Startup = () => {
  const readings = useJob((state) => state.readings);
  const facts = useJob((state) => state.facts);
  const items = startupOf(jobModel(facts), readings, DEFAULT_MOMENT, new Set()).flatMap((step) => step.items);
  const shut = items.filter(({ heldShut }) => heldShut !== null).length;
  return (
    <>
      <ul>
        {items
          .filter(({ item }) => item.stages || item.fails)
          .map((planned) => (
            <StartupItem key={planned.key} planned={planned} />
          ))}
      </ul>
      <output aria-label="Hands out">{shut}</output>
    </>
  );
};

const shut = () => Number(screen.getByRole('status', { name: 'Hands out' }).textContent);
const supplies = () =>
  screen.getAllByRole('group').filter((group) => within(group).queryByRole('button', { name: /^Verified dead/ }));
const stagesOf = (group: HTMLElement) => within(group).getAllByRole('button');
const pressed = (group: HTMLElement) => stagesOf(group).map((stage) => stage.getAttribute('aria-pressed') === 'true');

beforeEach(withoutSignal);

test('hands stay out until every supply is verified dead, not open or locked out alone', async () => {
  renderInJob(<Startup />);
  const before = shut();
  expect(before).toBeGreaterThan(0);
  for (const group of supplies()) {
    const stages = stagesOf(group);
    for (const stage of stages.slice(0, -1)) await userEvent.click(stage);
  }
  expect(shut()).toBe(before);
  for (const group of supplies()) await userEvent.click(stagesOf(group).at(-1)!);
  expect(shut()).toBe(0);
});

test('a stage taken back returns to the one before, and hands are out again', async () => {
  renderInJob(<Startup />);
  for (const group of supplies()) for (const stage of stagesOf(group)) await userEvent.click(stage);
  const [first] = supplies();
  expect(pressed(first!).every(Boolean)).toBe(true);
  await userEvent.click(stagesOf(first!).at(-1)!);
  expect(pressed(first!)).toEqual(stagesOf(first!).map((_, at, all) => at < all.length - 1));
  expect(shut()).toBeGreaterThan(0);
});
