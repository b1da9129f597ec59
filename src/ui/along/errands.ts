import { call } from '../api';
import { dropSafe, keepSafe } from '../safe-storage';

/** Something that is done on the server once it is reached, under an id of the device's own: done once. */
export interface Errand {
  readonly id: string;
  /** What it is about: a job, a controller, a year of weather. What else waits for that goes before or after it. */
  readonly about: string;
  /** Who asked for it; it goes out as him. */
  readonly personId: string;
  /** Whether it is done before what else waits for that, as where a job begins, or after it. */
  readonly phase: 'before' | 'after';
  /** What it is, in words. */
  readonly words: string;
  readonly path: string;
  readonly method: 'POST' | 'PUT';
  readonly body: unknown;
  /** When it was asked for, ms. */
  readonly at: number;
  /** Why the server refused it; it stays to be looked at. */
  readonly problem?: string;
}

const KEY = 'gate-cross:errands';

const all = (): Errand[] => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as Errand[];
  } catch {
    return [];
  }
};

const write = (errands: readonly Errand[]): void =>
  errands.length === 0 ? dropSafe(KEY) : keepSafe(KEY, JSON.stringify(errands));

/** What a person asked for on this device, and the server has not done yet; the oldest first. */
export const errandsOf = (personId: string): Errand[] => all().filter((errand) => errand.personId === personId);

/** Whether something about a job or a controller is to be done before what else waits for it, or after. */
export const hasErrand = (about: string, phase: Errand['phase']): boolean =>
  all().some((errand) => errand.about === about && errand.phase === phase && !errand.problem);

/**
 * Keeps an errand for when the server is reached.
 * @returns false where the device has no room for it
 */
export const keepErrand = (errand: Omit<Errand, 'at' | 'problem'>): boolean => {
  try {
    write([...all().filter(({ id }) => id !== errand.id), { ...errand, at: Date.now() }]);
    return true;
  } catch {
    return false;
  }
};

const refused = (errand: Errand, problem: string): void =>
  write(all().map((each) => (each.id === errand.id ? { ...each, problem } : each)));

/** What is being asked for just now: another part of the page does not ask for it too. */
const underWay = new Set<string>();

const tellers = new Set<(about: string) => void>();

/** Tells whenever an errand was done or refused, and about what. Returns how to end that. */
export const onErrandDone = (tell: (about: string) => void): (() => void) => {
  tellers.add(tell);
  return () => tellers.delete(tell);
};

/** Gives an errand up. */
export const dropErrand = (id: string): void => write(all().filter((errand) => errand.id !== id));

/**
 * Does a person's errands in their order, as far as the server is reached; one that it refuses stays, with why.
 * @param waits whether something about a job still has to be sent: what comes after that has to wait
 */
export const doErrands = async (personId: string, waits: (about: string) => boolean): Promise<void> => {
  for (const errand of errandsOf(personId).filter(({ id, problem }) => !problem && !underWay.has(id))) {
    if (errand.phase === 'after' && waits(errand.about)) continue;
    underWay.add(errand.id);
    const answer = await call(errand.path, { method: errand.method, body: errand.body });
    underWay.delete(errand.id);
    if (answer.kind === 'lost') return;
    if (answer.kind === 'ok') dropErrand(errand.id);
    else refused(errand, answer.error);
    tellers.forEach((tell) => tell(errand.about));
  }
};
