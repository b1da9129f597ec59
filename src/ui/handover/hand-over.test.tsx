import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readingFrom } from '@/core/job/reading';
import type { StoredJob } from '@/core/job/stored-job';
import { JOB_ID, renderInJob, storedJob } from '../../../tests/components/in-job';
import { queuedRequests } from '../offline/queued-requests';
import { HandOver } from './hand-over';

const VISIT = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1009';
const AT = '2026-02-01T10:00:00.000Z';

const job = storedJob();

const show = (saved: StoredJob = job) => renderInJob(<HandOver />, saved);

let asked: { readonly path: string; readonly body: { readonly action: string; readonly revision?: number } }[];
const answering = (answer: () => Response) => {
  asked = [];
  globalThis.fetch = (async (path: string, init: RequestInit) => {
    asked.push({ path, body: JSON.parse((init.body as string) ?? 'null') });
    return answer();
  }) as typeof fetch;
};

beforeEach(() => localStorage.clear());

const handOver = async () => {
  await userEvent.click(screen.getByRole('button', { name: 'Hand over job' }));
  const dialog = await screen.findByRole('dialog');
  return { dialog, go: () => userEvent.click(within(dialog).getByRole('button', { name: 'Hand over anyway' })) };
};

test('what failed or is open is listed first, and nothing is sent until it is confirmed', async () => {
  answering(() => Response.json({}));
  show();
  const { dialog, go } = await handOver();
  expect(within(dialog).getAllByRole('listitem').length).toBeGreaterThan(0);
  expect(asked).toEqual([]);
  await go();
  expect(asked).toEqual([
    { path: `/api/jobs/${JOB_ID}/move`, body: expect.objectContaining({ action: 'hand-over', revision: 4 }) },
  ]);
  expect(await screen.findByText(/^Handed over/)).toBeTruthy();
});

test('without a server it waits on this device, and says so', async () => {
  answering(() => {
    throw new TypeError('no signal');
  });
  show();
  await (await handOver()).go();
  expect(await screen.findByText(/^Handed over/)).toBeTruthy();
  expect(queuedRequests('ana')).toMatchObject([{ about: JOB_ID, phase: 'after', path: `/api/jobs/${JOB_ID}/move` }]);
});

test('changed by someone since, it is not handed over', async () => {
  answering(() => Response.json({ error: 'Someone changed this job.', path: '' }, { status: 409 }));
  show();
  await (await handOver()).go();
  expect(screen.queryByText(/^Handed over/)).toBe(null);
  expect(queuedRequests('ana')).toEqual([]);
});

test('a limit that does not open lets no one sign the job as done', () => {
  answering(() => Response.json({}));
  const reading = readingFrom(
    { item: 'emergency/limit', value: 'seen:not-open', place: null, meterOhms: null, replaces: null },
    { id: VISIT, at: AT, origin: null, visit: VISIT, replaces: null, author: 'Ana', instrument: '' },
  );
  show({ ...job, readings: [reading], visits: [{ id: VISIT, reason: 'new', began: AT, ended: null, author: 'Ana' }] });
  expect(screen.queryByRole('button', { name: 'Hand over job' })).toBe(null);
  expect(screen.getByRole('button', { name: 'Sign as shut off and tagged' }).hasAttribute('disabled')).toBe(true);
});
