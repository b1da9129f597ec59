import { CREW_HEADER, PERSON_HEADER, SIGN_IN_FIRST, SOMEBODY_ELSE } from '@/core/access/entered-by';
import type { AtWork } from '@/core/instrument/at-work';
import { call } from '../requests/api';
import { loadDrafts, saveDraft } from '../storage/drafts';
import { memoryStorage } from '../storage/memory-storage';
import { clearDevice } from './clear-device';
import { deviceUser, setDeviceUser } from './device-user';
import { queuedRequests, queueRequest, retryRequest, sendQueued } from './queued-requests';
import { takeOverHere, waitingFile, waitingHere, waitsHere } from './waiting';

/** Two people of one crew and one of another, on one device. */
const PEOPLE: readonly AtWork[] = [
  { personId: 'ana', crewId: 'first', me: 'Ana', role: 'technician', names: ['Ana', 'Cy'], instruments: [] },
  { personId: 'bo', crewId: 'second', me: 'Bo', role: 'lead', names: ['Bo'], instruments: [] },
  { personId: 'cy', crewId: 'first', me: 'Cy', role: 'reader', names: ['Ana', 'Cy'], instruments: [] },
];

interface Landed {
  readonly entered: string;
  readonly asked: string;
  readonly as: string;
}

/** A server that enforces sessions and knows nothing about devices. */
const server = { session: null as AtWork | null, isReached: true, hasFault: false, landed: [] as Landed[] };

const answer = (path: string, init: { headers: Record<string, string>; body?: string }): Response => {
  if (!server.isReached) throw new TypeError('no signal');
  const { session } = server;
  if (path === '/api/sign-out') {
    server.session = null;
    document.cookie = 'gate-cross-signed-out=; Max-Age=0';
    return Response.json({ ok: true });
  }
  if (!session || document.cookie !== '') return Response.json({ error: SIGN_IN_FIRST }, { status: 401 });
  const [person, crew] = [init.headers[PERSON_HEADER], init.headers[CREW_HEADER]];
  if ((person && person !== session.personId) || (crew && crew !== session.crewId))
    return Response.json({ error: SOMEBODY_ELSE }, { status: 401 });
  if (server.hasFault) return Response.json({ error: 'Something went wrong.' }, { status: 500 });
  if (session.role === 'reader') return Response.json({ error: 'You may look.' }, { status: 403 });
  const { entered, asked } = JSON.parse(init.body!) as Omit<Landed, 'as'>;
  if (!server.landed.some((each) => each.entered === entered))
    server.landed.push({ entered, asked, as: session.personId });
  return Response.json({});
};

/** Gives this process a browser environment, and the server for its pages. */
const asBrowser = (): void => {
  let cookie = '';
  Object.assign(server, { session: null, isReached: true, hasFault: false, landed: [] });
  Object.assign(globalThis, {
    localStorage: memoryStorage(),
    sessionStorage: memoryStorage(),
    fetch: async (path: string, init: never) => answer(path, init),
    document: {
      get cookie() {
        return cookie;
      },
      set cookie(text: string) {
        cookie = text.includes('Max-Age=0') ? '' : text.split(';')[0]!;
      },
    },
  });
};

/** An event on the device. */
export type Act =
  /** On this page, freshly loaded, or in another tab, while this page stays as it was. */
  | { readonly kind: 'sign in' | 'sign in in another tab'; readonly who: number }
  | { readonly kind: 'session ends' | 'sign out' | 'signal lost' | 'signal back' | 'job begun' | 'entered' }
  | { readonly kind: 'looks' | 'takes over' | 'fault comes' | 'fault goes' };

/** Whose page is open: entries on it are theirs, whoever signed in meanwhile. */
let page: AtWork | null = null;
let count = 0;
/** Every entry, with its author. */
let entered: { readonly id: string; readonly by: string }[] = [];

/** Drafts here are no job's facts: an entry's id and author. */
const readPending = (draft: unknown) =>
  ({ ok: true, value: { draft: draft as { pending: object; crewId?: string }, unread: null } }) as const;

/** What the page of the signed-in person, or the last one, does by itself when online. */
const sendWhatWaits = async (): Promise<void> => {
  const who = page;
  if (!who) return;
  await sendQueued(who.personId, (about) => waitsHere(about, who.personId));
  for (const { id: jobId } of waitingHere(who.personId).filter(({ isOthers }) => !isOthers)) {
    for (const draft of loadDrafts(jobId, readPending, who.personId)) {
      const heard = await call(`/api/jobs/${jobId}`, { method: 'PATCH', body: draft.pending }, who);
      if (heard.kind === 'ok') continue;
      saveDraft(jobId, draft, who.personId);
    }
  }
};

const enter = (): { entered: string; asked: string } | null => {
  const who = page;
  if (!who) return null;
  const id = `entry-${++count}`;
  entered.push({ id, by: who.personId });
  return { entered: id, asked: who.personId };
};

const does: Readonly<Record<Act['kind'], (act: Act) => Promise<void>>> = {
  'sign in': async (act) => {
    // Signing in needs the server.
    if (!server.isReached) return;
    server.session = PEOPLE[(act as { who: number }).who]!;
    document.cookie = 'x; Max-Age=0';
    setDeviceUser(server.session);
    page = server.session;
  },
  'sign in in another tab': async (act) => {
    const before = page;
    await does['sign in'](act);
    page = before;
  },
  'session ends': async () => {
    server.session = null;
  },
  'sign out': async () => {
    await clearDevice(false);
    page = null;
    if (deviceUser()) throw new Error(`The device is ${deviceUser()!.me}’s after signing out.`);
  },
  'signal lost': async () => {
    server.isReached = false;
  },
  'signal back': async () => {
    server.isReached = true;
  },
  'job begun': async () => {
    const body = enter();
    if (!body || !page) return;
    const id = body.entered;
    const { personId, crewId } = page;
    queueRequest({
      id,
      about: id,
      personId,
      crewId,
      phase: 'before',
      words: id,
      path: '/api/jobs',
      method: 'POST',
      body,
    });
  },
  entered: async () => {
    const body = enter();
    const who = page;
    if (!body || !who) return;
    const draft = { baseRevision: 1, pending: body, outbox: [], marksOut: [], crewId: who.crewId };
    saveDraft(`job-${body.entered}`, draft, who.personId);
  },
  looks: async () => {
    await sendWhatWaits();
    // The list is a page of its own: online it is rendered for the signed-in person.
    const { session, isReached } = server;
    if (isReached && session && document.cookie === '') setDeviceUser(session);
    const who = deviceUser();
    if (!who) return;
    const viewer = isReached && session && document.cookie === '' ? session : who;
    const isOwn = (id: string) => entered.some((each) => each.id === id && each.by === viewer.personId);
    const listed = [
      ...queuedRequests(who.personId).map(({ id }) => id),
      ...waitingHere(who.personId)
        .filter(({ isOthers }) => !isOthers)
        .map(({ id }) => id.slice('job-'.length)),
      ...(JSON.parse(waitingFile(who.personId)) as { drafts: { jobId: string }[] }).drafts.map(({ jobId }) =>
        jobId.slice('job-'.length),
      ),
    ];
    const foreign = listed.filter((id) => !isOwn(id));
    if (foreign.length > 0) throw new Error(`${viewer.me} was shown ${foreign.join(', ')} of someone else.`);
  },
  'fault comes': async () => {
    server.hasFault = true;
  },
  'fault goes': async () => {
    server.hasFault = false;
  },
  // A crew lead of another crew has nothing to take over.
  'takes over': async () => {
    const who = deviceUser();
    if (who?.personId === 'bo') takeOverHere(who);
  },
};

/** Kinds of acts; sign-in acts name a person by number. */
export const ACT_KINDS = Object.keys(does) as Act['kind'][];
export const PEOPLE_COUNT = PEOPLE.length;

/**
 * Plays acts on one device with people of two crews, then lets each come back.
 * @returns what is wrong with what landed, in words; empty: each entry landed once, as who entered it
 */
export const liveTogether = async (acts: readonly Act[]): Promise<string> => {
  const before = globalThis.fetch;
  asBrowser();
  [count, entered, page] = [0, [], null];
  try {
    for (const act of acts) await does[act.kind](act);
    const forged = server.landed.filter(({ asked, as }) => asked !== as);
    if (forged.length > 0) return `${forged[0]!.entered} of ${forged[0]!.asked} landed as ${forged[0]!.as}`;
    Object.assign(server, { isReached: true, hasFault: false });
    for (const [who] of PEOPLE.entries()) {
      await does['sign in']({ kind: 'sign in', who });
      // Someone who was refused for lack of rights is given them, and retries.
      if (server.session!.role === 'reader')
        for (const { id } of queuedRequests(server.session!.personId)) retryRequest(id);
      server.session = { ...server.session!, role: 'lead' };
      await sendWhatWaits();
    }
    const landed = server.landed.map(({ entered: id, as }) => `${id} by ${as}`).sort();
    const should = entered.map(({ id, by }) => `${id} by ${by}`).sort();
    return landed.join() === should.join() ? '' : `landed: ${landed.join()}; entered: ${should.join()}`;
  } catch (problem) {
    return (problem as Error).message;
  } finally {
    globalThis.fetch = before;
  }
};
