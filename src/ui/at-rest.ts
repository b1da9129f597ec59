'use client';

/** After a page is alive, how long until what it may want later is got, ms. */
const AT_REST_MS = 1200;

const wanted = new Set<() => Promise<unknown>>();
let isAtRest = false;

/**
 * Something that a page wants only once it is used, such as a menu’s inside: it is got once, with the first use or as
 * soon as the page is at rest, so that it is here before the signal goes.
 * @param get asks for the part; asked again where it did not come
 */
export const later = <T>(get: () => Promise<T>): (() => Promise<T>) => {
  let asked: Promise<T> | undefined;
  const once = () => {
    asked ??= get().catch((error: unknown) => {
      asked = undefined;
      throw error;
    });
    return asked;
  };
  if (isAtRest) void once().catch(() => undefined);
  else wanted.add(once);
  return once;
};

/** Gets all that is wanted later, once the page has been alive for a moment; returns how to leave that be. */
export const restSoon = (): (() => void) => {
  const timer = setTimeout(() => {
    isAtRest = true;
    for (const once of wanted) void once().catch(() => undefined);
    wanted.clear();
  }, AT_REST_MS);
  return () => clearTimeout(timer);
};
