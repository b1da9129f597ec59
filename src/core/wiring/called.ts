import type { Solved } from './state';

/**
 * Terminals that a call itself makes live. What is live with nothing called, such as R, says nothing of the call.
 * @param state under the call
 * @param rest the same harness with nothing called
 */
export const calledTerminals = (state: Pick<Solved, 'hot'>, rest: Pick<Solved, 'hot'>): ReadonlySet<string> =>
  new Set([...state.hot].filter((node) => !rest.hot.has(node)));
