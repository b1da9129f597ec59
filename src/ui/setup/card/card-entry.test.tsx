import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useMemo } from 'react';
import { blankJob } from '@/core/job/document';
import { cardOf } from '@/core/setup/card/card';
import type { ControllerProfile } from '@/core/setup/profiles/profile';
import { quillwort } from '@/core/setup/profiles/quillwort';
import { toadflax } from '@/core/setup/profiles/toadflax';
import { jobWith, renderInJob, withoutSignal } from '../../../../tests/components/in-job';
import { useJob } from '../../job/provider';
import { useSettings } from '../use-settings';
import { CardEntry } from './card-entry';

const { facts } = blankJob();

const Entry = ({ profile, code }: { profile: ControllerProfile; code: string }) => {
  const settings = useSettings();
  const marks = useJob((job) => job.settingMarks);
  const card = useMemo(() => cardOf(profile, settings, marks), [profile, settings, marks]);
  return <CardEntry line={card.lines.find(({ entry }) => entry.code === code)!} profile={profile} />;
};

const show = (profile: ControllerProfile, code: string) =>
  renderInJob(<Entry profile={profile} code={code} />, jobWith(facts));

const tick = (name: RegExp) => screen.getByRole('button', { name });
const isOn = (name: RegExp) => tick(name).getAttribute('aria-pressed');
const lasting = toadflax.entries.find(({ isLasting }) => isLasting)!;

beforeEach(withoutSignal);

test('a value is set, read back, and a second tap withdraws it', async () => {
  show(quillwort, 'E2');
  expect(isOn(/^Set to/)).toBe('false');
  await userEvent.click(tick(/^Set to/));
  expect(isOn(/^Set to/)).toBe('true');
  expect(isOn(/^Read back/)).toBe('false');
  await userEvent.click(tick(/^Read back/));
  expect(isOn(/^Read back/)).toBe('true');
  expect(screen.getByRole('img', { name: 'set as planned' })).toBeTruthy();
  await userEvent.click(tick(/^Set to/));
  expect(screen.queryByRole('img', { name: 'set as planned' })).toBe(null);
});

test('another value that reads back has its own field, and is not counted as planned', async () => {
  show(quillwort, 'E2');
  await userEvent.click(tick(/^Set to a/));
  await userEvent.selectOptions(screen.getByLabelText('Reads back'), 'b');
  expect(screen.queryByRole('img', { name: 'set as planned' })).toBe(null);
  expect((screen.getByLabelText('Read back') as HTMLSelectElement).value).toBe('b');
});

test('a value that can never be changed again is not set before the old one is recorded', async () => {
  show(toadflax, lasting.code);
  await userEvent.click(tick(/^Set to/));
  const dialog = await screen.findByRole('alertdialog', { name: 'This cannot be undone' });
  expect(dialog.textContent).toContain('First read and record the as-found value');
  expect(within(dialog).queryByRole('button', { name: /^Set to/ })).toBe(null);
  await userEvent.click(within(dialog).getByRole('button', { name: 'Cancel' }));
  expect(isOn(/^Set to/)).toBe('false');
});

test('with its old value recorded it asks once more, and is set only then', async () => {
  show(toadflax, lasting.code);
  const found = screen.getByLabelText('As found') as HTMLSelectElement;
  const wanted = tick(/^Set to/).textContent!.replace(/^.*Set to /, '');
  const other = [...found.options].map(({ value }) => value).find((value) => value !== '' && value !== wanted)!;
  await userEvent.selectOptions(found, other);
  await userEvent.click(tick(/^Set to/));
  const dialog = await screen.findByRole('alertdialog', { name: 'This cannot be undone' });
  expect(isOnBehind()).toBe('false');
  await userEvent.click(within(dialog).getByRole('button', { name: `Set to ${wanted}` }));
  expect(isOn(/^Set to/)).toBe('true');
});

/** The tick behind an open dialog, which hides it from screen readers. */
const isOnBehind = () =>
  screen.getAllByRole('button', { name: /^Set to/, hidden: true })[0]!.getAttribute('aria-pressed');
