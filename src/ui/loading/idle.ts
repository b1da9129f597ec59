'use client';

/** After a page is alive, how long until what it may want later is got, ms. */
const AT_REST_MS = 1200;

let rest: () => void = () => undefined;

/** Kept once a page has been alive for a moment. */
const rested = new Promise<void>((resolve) => {
  rest = resolve;
});

/**
 * Something that a page wants only once it is used, such as a menu’s inside: it is got once, with the first use or as
 * soon as the page is at rest, so that it is here before the signal goes.
 * @param get asks for the part; asked again where it did not come
 */
export const whenIdle = <T>(get: () => Promise<T>): (() => Promise<T>) => {
  let asked: Promise<T> | undefined;
  const once = () => {
    asked ??= get().catch((error: unknown) => {
      asked = undefined;
      throw error;
    });
    return asked;
  };
  void rested.then(once).catch(() => undefined);
  return once;
};

/** What a part bears that is shown and gets its code at rest. */
export const IDLE_TIMEOUT = { 'data-waking': 'later' } as const;

const hurry = ({ target }: Event) => {
  if (target instanceof Element && target.closest(`[data-waking="${IDLE_TIMEOUT['data-waking']}"]`)) rest();
};

/**
 * Gets all that is wanted later once the page has been alive for a moment, or as soon as somebody reaches for a part of
 * it; returns how to leave that be.
 */
export const useIdleSoon = (): (() => void) => {
  const timer = setTimeout(rest, AT_REST_MS);
  const reaches = ['touchstart', 'mouseover', 'focusin'] as const;
  for (const reach of reaches) addEventListener(reach, hurry, { capture: true, passive: true });
  return () => {
    clearTimeout(timer);
    for (const reach of reaches) removeEventListener(reach, hurry, { capture: true });
  };
};

/** How long until what did not come is asked for again, ms. */
const AGAIN_MS = 3000;

/** Gets a part at rest, and asks until it comes. */
export const isIdle = async <T>(get: () => Promise<T>): Promise<T> => {
  await rested;
  for (;;)
    try {
      return await get();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
};
