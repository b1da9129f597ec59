import { randomUUID } from 'node:crypto';
import { applyChanges, type FactChange, type FactPath, factValue, sameValue } from '../../job/document';
import { type Reading, readingFrom } from '../../job/reading';
import type { StoredJob } from '../../job/stored-job';
import type { Visit } from '../../job/visit';
import { placeOnVisits } from '../../job/visits';
import type { Answer } from '../answer';
import { fakeLine, NOW } from '../fake-line';
import { runSync } from '../run';
import type { SyncRequest } from '../step';
import type { JobDraft } from './draft';
import type { SyncEvent } from './event';
import { IDLE, type SyncState } from './state';
import { jobMachine } from './sync';

const visitNow = (): Visit => ({ id: randomUUID(), reason: 'new', began: NOW, ended: null, author: 'Fen Ashe' });

/** A server as a device sees it. */
export interface SyncServer {
  readonly answer: (request: SyncRequest) => Promise<Answer<unknown>>;
  readonly job: () => Promise<StoredJob>;
}

/** An in-memory server with revisions, save ids and rows like the real one. */
export const memoryServer = (first: StoredJob): SyncServer => {
  let job = first;
  const landed = new Set<string>();
  const refused = (status: number, body: object): Answer<unknown> => ({
    kind: 'refused',
    status,
    error: 'stale',
    path: '',
    body,
  });
  const save = ({ saveId, baseRevision, changes }: { saveId: string; baseRevision: number; changes: FactChange[] }) => {
    if (landed.has(saveId)) return { kind: 'ok', value: job } as const;
    if (baseRevision !== job.revision) return refused(409, { job });
    landed.add(saveId);
    job = { ...job, revision: job.revision + 1, document: applyChanges(job.document, changes) };
    return { kind: 'ok', value: job } as const;
  };
  const add = ({ readings, visits }: { readings: Reading[]; visits: Visit[] }) => {
    const known = new Set(job.readings.map(({ id }) => id));
    const { done, begun } = placeOnVisits(
      job,
      visits,
      readings.filter(({ id }) => !known.has(id)),
    );
    job = { ...job, readings: [...job.readings, ...done], visits: [...job.visits, ...begun] };
    const rows = job.readings.filter(({ id }) => readings.some((reading) => reading.id === id));
    return { kind: 'ok', value: { rows, visits: job.visits } } as const;
  };
  return {
    answer: ({ method, body }) => Promise.resolve(method === 'PATCH' ? save(body as never) : add(body as never)),
    job: () => Promise.resolve(job),
  };
};

type Seen = Readonly<Partial<Record<FactPath, readonly unknown[]>>>;

/** A device with a job: storage that outlives its page, and a network under test control. */
export const fakeDevice = (server: SyncServer, first: StoredJob) => {
  let onDevice = first;
  let seen: Seen = {};
  let overwritten: readonly FactPath[] = [];
  let state: SyncState;
  let tell: (event: SyncEvent) => void;

  /** Delivers a request: a save overwrites only what its author had seen. */
  const lands = async (request: SyncRequest, saw: Seen): Promise<Answer<unknown>> => {
    const before = await server.job();
    const answer = await server.answer(request);
    const after = await server.job();
    if (after.revision > before.revision)
      for (const { path, value } of (request.body as { changes: FactChange[] }).changes) {
        const was = factValue(before.document.facts, path);
        if (!saw[path]?.some((value) => sameValue(value, was)) && !sameValue(was, value))
          overwritten = [...overwritten, path];
      }
    return answer;
  };
  const line = fakeLine<JobDraft, Seen>(lands, () => seen);

  const open = (job: StoredJob) => {
    state = {
      saved: job,
      pending: {},
      outbox: [],
      marksOut: [],
      visitsOut: [],
      visit: null,
      typed: {},
      saveState: 'saved',
      savedAt: null,
      problem: '',
      isUnkept: false,
      theirs: null,
      line: IDLE,
    };
    const ports = line.open();
    tell = runSync(
      jobMachine,
      {
        get: () => state,
        set: (next) => {
          state = next;
          onDevice = next.saved;
        },
      },
      ports,
    );
    const [draft, newId] = [line.stored(), randomUUID()];
    if (draft) tell({ kind: 'found', drafts: [draft], newId });
  };
  open(first);

  return {
    state: () => state,
    waits: line.waits,
    comesDue: line.comesDue,
    meets: line.meets,
    /** Facts that a save of this device overwrote unseen. */
    overwritten: () => overwritten,
    enter: (path: FactPath, value: unknown) => {
      const before = path in state.pending ? (seen[path] ?? []) : [factValue(state.saved.document.facts, path)];
      seen = { ...seen, [path]: [...before, value] };
      state = { ...state, pending: { ...state.pending, [path]: value } };
      tell({ kind: 'entered', inMs: 500 });
    },
    read: (value: number) => {
      const visit = state.visitsOut[0] ?? state.saved.visits[0] ?? visitNow();
      const reading = readingFrom(
        { item: 'conditions/outdoor', value, place: null, meterOhms: null, replaces: null },
        {
          id: randomUUID(),
          at: NOW,
          origin: null,
          visit: visit.id,
          replaces: null,
          author: 'Fen Ashe',
          instrument: '',
        },
      );
      const isNew = ![...state.saved.visits, ...state.visitsOut].some(({ id }) => id === visit.id);
      state = {
        ...state,
        outbox: [...state.outbox, reading],
        visitsOut: isNew ? [...state.visitsOut, visit] : state.visitsOut,
      };
      tell({ kind: 'entered', inMs: 0 });
    },
    /** Closes the page as in a crash and opens it again, with the job from server or device. */
    reopens: async (isOnline: boolean) => {
      open(isOnline ? await server.job() : onDevice);
      await line.settle();
    },
    hears: async () => {
      tell({ kind: 'received', job: await server.job() });
    },
    settles: async () => {
      const { theirs, pending } = state;
      const mine = Object.keys(pending) as FactPath[];
      if (theirs)
        seen = {
          ...seen,
          ...Object.fromEntries(mine.map((path) => [path, [factValue(theirs.document.facts, path), pending[path]]])),
        };
      if (theirs) tell({ kind: 'settled', mine });
      await line.settle();
    },
  };
};

export type FakeDevice = ReturnType<typeof fakeDevice>;

/** Brings all devices to rest with a server that answers, each keeping its own version in conflicts. */
export const settleAll = async (devices: readonly FakeDevice[]): Promise<void> => {
  for (let turn = 0; turn < 400; turn++) {
    for (const device of devices) {
      await device.meets('answered');
      await device.settles();
      await device.comesDue();
    }
    if (devices.every((device) => !device.waits() && !device.state().theirs)) break;
  }
  for (const device of devices) await device.hears();
};
