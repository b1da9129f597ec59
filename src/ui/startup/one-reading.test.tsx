import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { jobModel } from '@/core/model/job-model';
import { startupOf } from '@/core/startup/startup-of';
import { renderInJob, withoutSignal } from '../../../tests/components/in-job';
import { useJob } from '../job/provider';
import { OneReading } from './one-reading';

let wentOn = 0;

const One = ({ of }: { of: string }) => {
  const readings = useJob((state) => state.readings);
  const facts = useJob((state) => state.facts);
  const steps = startupOf(jobModel(facts), readings, DEFAULT_MOMENT, new Set());
  const planned = steps.flatMap(({ items }) => items).find(({ key }) => key === of)!;
  return (
    <>
      <OneReading planned={planned} tried={undefined} next="Next" onNext={() => wentOn++} />
      <output aria-label="Kept">{String(planned.reading?.value ?? 'nothing')}</output>
    </>
  );
};

const kept = () => screen.getByRole('status', { name: 'Kept' }).textContent;
const pressKeys = async (keys: readonly string[]) => {
  const pad = within(screen.getByRole('group', { name: 'Keypad' }));
  for (const key of keys) await userEvent.click(pad.getByRole('button', { name: key }));
};
const next = () => userEvent.click(screen.getByRole('button', { name: 'Next' }));
const field = () => screen.getByRole('textbox') as HTMLInputElement;

beforeEach(() => {
  wentOn = 0;
  withoutSignal();
});

test('a reading typed by its own keys is judged while typing, and one tap keeps it and goes on', async () => {
  renderInJob(<One of="heat/volts-outdoor-unit-Y" />);
  await pressKeys(['2', '6', 'Point', '5']);
  expect(field().value).toBe('26.5');
  expect(within(screen.getByRole('group', { name: 'What it means' })).getByRole('status').textContent).toMatch(/pass/i);
  expect(kept()).toBe('nothing');
  await next();
  expect([kept(), wentOn]).toEqual(['26.5', 1]);
});

test('the first key after a kept reading starts a new number; the delete key takes one digit', async () => {
  renderInJob(<One of="heat/volts-outdoor-unit-Y" />);
  await pressKeys(['2', '4']);
  await next();
  await userEvent.click(field());
  await pressKeys(['2', '5', '9', 'Delete']);
  await next();
  expect(kept()).toBe('25');
});

test('what makes no sense stays in the field, and the next button does not leave it behind', async () => {
  renderInJob(<One of="heat/volts-outdoor-unit-Y" />);
  await pressKeys(['9', '9', '9', '9', '9']);
  await next();
  expect([field().value, kept(), wentOn]).toEqual(['99999', 'nothing', 0]);
  expect(screen.getByRole('alert').textContent).toMatch(/1[,.]?000/);
});

test('with nothing typed, next goes on and keeps nothing', async () => {
  renderInJob(<One of="heat/volts-outdoor-unit-Y" />);
  await next();
  expect([kept(), wentOn]).toEqual(['nothing', 1]);
});

test('while a supply is live, a reading with hands inside has neither field nor keys', () => {
  renderInJob(<One of="element-ohms/ohms-1" />);
  expect(screen.queryByRole('textbox')).toBe(null);
  expect(screen.queryByRole('group', { name: 'Keypad' })).toBe(null);
  expect(screen.getByText(/^Hands out\./)).toBeTruthy();
});
