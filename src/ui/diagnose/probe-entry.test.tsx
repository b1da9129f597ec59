import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import type { Probe } from '@/core/diagnosis/probe';
import { tableOf } from '@/core/diagnosis/table';
import type { ShownProbe } from '@/core/diagnosis/trouble';
import { blankJob } from '@/core/job/document';
import type { ReadingValue } from '@/core/job/reading';
import { jobModel } from '@/core/model/job-model';
import { renderInJob, withoutSignal } from '../../../tests/components/in-job';
import { ProbeEntry } from './probe-entry';

const { probes } = tableOf(jobModel(blankJob().facts), DEFAULT_MOMENT);
const probeWith = (isIt: (probe: Probe) => boolean): ShownProbe => ({ probe: probes.find(isIt)! }) as ShownProbe;

let read: ReadingValue[] = [];
const show = (isIt: (probe: Probe) => boolean) => {
  const shown = probeWith(isIt);
  renderInJob(<ProbeEntry shown={shown} onRead={(value) => read.push(value)} />);
  return shown.probe;
};

beforeEach(() => {
  read = [];
  withoutSignal();
});

test('hot terminals are entered in the order of the strip, whatever the order of the taps', async () => {
  const { marks } = show((probe) => (probe.marks?.length ?? 0) > 2);
  const tap = (mark: string) => userEvent.click(screen.getByRole('button', { name: mark }));
  await tap(marks![2]!);
  await tap(marks![0]!);
  await tap(marks![1]!);
  await tap(marks![1]!);
  await userEvent.click(screen.getByRole('button', { name: /^Enter:/ }));
  expect(read).toEqual([`seen:${marks![0]}+${marks![2]}`]);
});

test('no hot terminal is an answer of its own', async () => {
  show((probe) => (probe.marks?.length ?? 0) > 0);
  await userEvent.click(screen.getByRole('button', { name: 'Enter: none is hot' }));
  expect(read).toEqual(['seen:none']);
});

test('what is seen is entered by one tap on its words', async () => {
  const { choices } = show((probe) => (probe.choices?.length ?? 99) <= 8);
  await userEvent.click(screen.getByRole('button', { name: choices![1]!.words }));
  expect(read).toEqual([`seen:${choices![1]!.word}`]);
});

test('a voltage takes a comma, and nothing outside its range', async () => {
  show((probe) => probe.unit === 'V' && probe.kind === 'low-volts');
  const field = screen.getByRole('textbox');
  await userEvent.type(field, '400{Enter}');
  expect(read).toEqual([]);
  expect(field.getAttribute('aria-invalid')).toBe('true');
  await userEvent.clear(field);
  await userEvent.type(field, '25,5{Enter}');
  expect(read).toEqual([25.5]);
});

test('open circuit is taken where ohms are read, and only there', async () => {
  show((probe) => probe.unit === 'Ω');
  await userEvent.type(screen.getByRole('textbox'), 'OL{Enter}');
  expect(read).toEqual(['OL']);
});
