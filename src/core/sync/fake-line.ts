import { randomUUID } from 'node:crypto';
import type { Answer } from './answer';
import type { SyncPorts } from './run';
import type { SyncRequest } from './step';

export const NOW = '2026-02-01T10:00:00.000Z';

/** Outcome of a request: answered, never arrived, arrived without an answer, or not answered yet. */
export type Fate = 'answered' | 'never came' | 'answer lost' | 'answer late';

export const FATES: readonly Fate[] = ['answered', 'never came', 'answer lost', 'answer late'];

/** A request in flight, possibly from a page that is gone when it is answered. */
interface OnItsWay<Context> {
  readonly request: SyncRequest;
  readonly hear: (answer: Answer<unknown>) => void;
  readonly context: Context;
  /** Requests already answered. */
  readonly answer?: Answer<unknown>;
}

const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

const LOST: Answer<unknown> = { kind: 'lost', error: 'The server is not responding.' };

const settle = () => new Promise<void>((done) => setImmediate(done));

/**
 * A device's storage, clock and network under test control. The storage outlives the page.
 * @param lands what a request does at the server
 * @param contextNow what is remembered with a request when it is sent
 */
export const fakeLine = <Draft, Context>(
  lands: (request: SyncRequest, context: Context) => Promise<Answer<unknown>>,
  contextNow: () => Context,
) => {
  let stored: Draft | null = null;
  let onItsWay: readonly OnItsWay<Context>[] = [];
  let due: (() => void) | null = null;
  let leave = () => undefined as void;
  return {
    stored: () => stored,
    /** Closes the page as in a crash, and opens another: services for it. */
    open: (): SyncPorts<Draft> => {
      leave();
      due = null;
      let isThisPage = true;
      leave = () => {
        isThisPage = false;
      };
      return {
        keep: (draft) => {
          stored = draft && copy(draft);
          return true;
        },
        ask: (request) =>
          new Promise((hear) => {
            const heard = (answer: Answer<unknown>) => isThisPage && hear(answer);
            onItsWay = [...onItsWay, { request: copy(request), hear: heard, context: contextNow() }];
          }),
        sendQueue: () => Promise.resolve({ areDone: true }),
        later: (_inMs, act) => {
          due = () => isThisPage && act();
        },
        tick: () => ({ at: NOW, newId: randomUUID(), chance: 0.5 }),
      };
    },
    waits: () => onItsWay.length > 0 || due !== null,
    settle,
    /** Advances the clock to what was scheduled. */
    comesDue: async () => {
      const act = due;
      due = null;
      act?.();
      await settle();
    },
    /** Resolves the oldest request in flight. */
    meets: async (fate: Fate) => {
      const [next, ...others] = onItsWay;
      if (!next) return;
      onItsWay = others;
      const answer = next.answer ?? (fate === 'never came' ? LOST : await lands(next.request, next.context));
      if (fate === 'answer late') {
        onItsWay = [{ ...next, answer }, ...others];
        return;
      }
      next.hear(fate === 'answered' ? answer : LOST);
      await settle();
    },
  };
};
