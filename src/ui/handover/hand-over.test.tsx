import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DEFAULT_MOMENT } from '@/core/control/moment';
import { blankJob } from '@/core/job/document';
import { readingFrom } from '@/core/job/reading';
import { NO_HISTORY, type StoredJob } from '@/core/job/stored-job';
import { DeferredModel } from '../job/deferred-model';
import { JobProvider } from '../job/provider';
import { queuedRequests } from '../offline/queued-requests';
import { AtWorkProvider } from '../person/at-work';
import { HandOver } from './hand-over';

const ANA = {
  personId: 'ana',
  crewId: 'crew',
  me: 'Ana',
  role: 'technician',
  names: ['Ana'],
  instruments: [],
} as const;
const ID = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';
const VISIT = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1009';
const AT = '2026-02-01T10:00:00.000Z';

const job: StoredJob = {
  ...NO_HISTORY,
  id: ID,
  revision: 4,
  document: blankJob(),
  handedOverAt: null,
  archivedAt: null,
  updatedAt: AT,
  updatedBy: '',
};

const show = (saved: StoredJob = job) =>
  render(
    <AtWorkProvider crew={ANA}>
      <JobProvider job={saved} moment={DEFAULT_MOMENT} visit={null} cautionsRead={[]}>
        <DeferredModel>
          <HandOver />
        </DeferredModel>
      </JobProvider>
    </AtWorkProvider>,
  );

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
    { path: `/api/jobs/${ID}/move`, body: expect.objectContaining({ action: 'hand-over', revision: 4 }) },
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
  expect(queuedRequests('ana')).toMatchObject([{ about: ID, phase: 'after', path: `/api/jobs/${ID}/move` }]);
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
