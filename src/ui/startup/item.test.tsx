import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { jobModel } from '@/core/model/job-model';
import { startupOf } from '@/core/startup/startup-of';
import { JOB_ID, renderInJob, withoutSignal } from '../../../tests/components/in-job';
import { useJob } from '../job/provider';
import { StartupItem } from './item';

const Item = ({ of }: { of: string }) => {
  const readings = useJob((state) => state.readings);
  const facts = useJob((state) => state.facts);
  const steps = startupOf(jobModel(facts), readings, DEFAULT_MOMENT, new Set());
  const planned = steps.flatMap(({ items }) => items).find(({ key }) => key === of)!;
  return (
    <ul>
      <StartupItem planned={planned} />
    </ul>
  );
};

const show = (of: string) => renderInJob(<Item of={of} />);

beforeEach(withoutSignal);

const field = (name: RegExp) => screen.getByLabelText(name);
const verdict = () => screen.getByRole('status').textContent;

test('a reading is judged and kept as it is entered, without a server', async () => {
  show('heat/volts-outdoor-unit-Y');
  await userEvent.type(field(/, V$/), '26.5{Enter}');
  expect(verdict()).toMatch(/pass/i);
  expect(Object.keys(localStorage).some((key) => key.startsWith(`gate-cross:draft:${JOB_ID}:`))).toBe(true);
});

test('a reading that fails says so, and nothing on the item turns it into a pass', async () => {
  show('heat/volts-outdoor-unit-Y');
  await userEvent.type(field(/, V$/), '3{Enter}');
  expect(verdict()).toMatch(/fail/i);
  for (const button of screen.getAllByRole('button')) expect(button.textContent).not.toMatch(/pass|accept|ignore/i);
});

test('what cannot be a reading is refused where it is typed, and nothing is stored', async () => {
  show('heat/volts-outdoor-unit-Y');
  await userEvent.type(field(/, V$/), '26,x{Enter}');
  expect(field(/, V$/).getAttribute('aria-invalid')).toBe('true');
  expect(verdict()).toBe('');
});

test('while a supply is live, a reading with hands inside has no field, and says what to open first', () => {
  show('element-ohms/ohms-1');
  expect(screen.queryByRole('textbox')).toBe(null);
  expect(screen.getByText(/^Hands out\. Open, lock out and verify dead first: heat-kit circuit 1/)).toBeTruthy();
});
