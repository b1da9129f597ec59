import type { Solved } from './state';

/**
 * Terminals that a call makes live. Terminals that are live without a call, such as R, are not included.
 * @param state under the call
 * @param rest the same harness with nothing called
 */
export const calledTerminals = (state: Pick<Solved, 'hot'>, rest: Pick<Solved, 'hot'>): ReadonlySet<string> =>
  new Set([...state.hot].filter((node) => !rest.hot.has(node)));
