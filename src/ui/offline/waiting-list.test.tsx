import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { AtWork } from '@/core/instrument/at-work';
import { blankProfile } from '@/core/setup/profiles/edit';
import { jobNote } from '@/core/sync/queue/requests';
import { addDraft } from '../storage/drafts';
import { queuedRequests, queueRequest, sendQueued } from './queued-requests';
import { waitingHere } from './waiting';
import { WaitingList } from './waiting-list';

const JOB = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1001';
const NOTE = '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1002';
const ANA: AtWork = { personId: 'ana', crewId: 'crew', me: 'Ana', role: 'lead', names: ['Ana'], instruments: [] };
const reading = {
  id: '7d5f0c52-3a1e-4c55-9f0e-6b2b6a4f1003',
  item: 'conditions/outdoor',
  value: 31,
  place: null,
  at: '2026-02-01T10:00:00.000Z',
  author: 'Ana',
  instrument: '',
  replaces: null,
};
const jobDraft = { baseRevision: 1, pending: { 'house.noLoadF': 61 }, outbox: [reading], marksOut: [] };

beforeEach(() => localStorage.clear());

const show = (changes: { readonly onTryAgain?: (id: string) => void; readonly onSend?: () => void } = {}) =>
  render(
    <WaitingList
      who={ANA}
      waiting={waitingHere('ana')}
      requests={queuedRequests('ana')}
      isListed={() => false}
      onTryAgain={changes.onTryAgain ?? (() => undefined)}
      onChanged={() => undefined}
      onSend={changes.onSend ?? (() => undefined)}
    />,
  );

/** Queues a note that the server then refuses. */
const refusedNote = async () => {
  queueRequest(jobNote(NOTE, JOB, 'Bring the label', ANA));
  globalThis.fetch = async () => Response.json({ error: 'There is no such job.', path: '' }, { status: 404 });
  await sendQueued('ana', () => false);
};

test('nothing waits: it says so, and offers no file', () => {
  show();
  expect(screen.getByRole('heading').textContent).toBe('Nothing waiting to send');
  expect(screen.queryByRole('button', { name: 'Save it as a file' })).toBe(null);
});

test('entries of every kind are counted together, each with a way to its page', () => {
  addDraft(JOB, 'tab', jobDraft, 'ana');
  addDraft(
    'profile:attic-1',
    'tab',
    { baseRevision: 2, profile: blankProfile('attic-1', 'Attic', 'thermostat') },
    'ana',
  );
  queueRequest(jobNote(NOTE, JOB, 'Bring the label', ANA));
  show();
  // A fact, a reading, a controller and a note.
  expect(screen.getByRole('heading').textContent).toBe('4 entries waiting to send');
  expect(screen.getByText(/^Note: Bring the label:/).textContent).toContain('sends as soon as the server is reachable');
  const links = screen.getAllByRole('link').map((link) => [link.textContent, link.getAttribute('href')]);
  expect(links).toEqual([
    ['2 entries waiting to send for a job that is not on this device', `/jobs/${JOB}/survey`],
    ['Changes to a controller waiting to send', '/library/attic-1'],
  ]);
  expect(screen.getByRole('button', { name: 'Save it as a file' })).toBeTruthy();
});

test('what the server refused says why, and can be tried again or discarded', async () => {
  await refusedNote();
  const tried: string[] = [];
  show({ onTryAgain: (id) => tried.push(id) });
  expect(screen.getByText(/^Note: Bring the label: There is no such job\./)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(tried).toEqual([NOTE]);
  await userEvent.click(screen.getByRole('button', { name: 'Discard' }));
  expect(queuedRequests('ana')).toEqual([]);
});

test('another person’s entries are counted and not shown; a lead of the same crew can send them', async () => {
  addDraft(JOB, 'tab', { ...jobDraft, crewId: 'crew' }, 'bo');
  queueRequest(jobNote(NOTE, JOB, 'Behind the fence', { personId: 'bo', crewId: 'crew' }));
  show();
  expect(screen.getByText('3 entries waiting to send for another person to sign in on this device.')).toBeTruthy();
  expect(screen.queryByText(/Behind the fence/)).toBe(null);
  await userEvent.click(screen.getByRole('button', { name: 'Send under my name' }));
  expect([queuedRequests('ana').length, waitingHere('ana')]).toEqual([
    1,
    [expect.objectContaining({ id: JOB, isOthers: false, count: 2 })],
  ]);
});

test('entries of another crew cannot be sent by this one', () => {
  addDraft(JOB, 'tab', { ...jobDraft, crewId: 'another' }, 'bo');
  show();
  expect(screen.getByText('2 entries waiting to send for another person to sign in on this device.')).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Send under my name' })).toBe(null);
});

test('a file from another device is imported and sent; any other file changes nothing', async () => {
  const requests = [{ ...jobNote(NOTE, JOB, 'Bring the label', ANA), at: 5 }];
  const file = JSON.stringify({ format: 'gate-cross-waiting', fileVersion: 2, drafts: [], profiles: [], requests });
  let sent = 0;
  show({ onSend: () => sent++ });
  const input = screen.getByLabelText('Unsent-entries file');
  await userEvent.upload(input, new File(['{}'], 'other.json', { type: 'application/json' }));
  expect(queuedRequests('ana')).toEqual([]);
  await userEvent.upload(input, new File([file], 'waiting.json', { type: 'application/json' }));
  expect(queuedRequests('ana').map(({ id }) => id)).toEqual([NOTE]);
  expect(sent).toBeGreaterThan(0);
});
