'use client';

/** Delay after hydration before deferred code is loaded, ms. */
const AT_REST_MS = 1200;

let rest: () => void = () => undefined;

/** Resolves once the page has been interactive for a moment. */
const rested = new Promise<void>((resolve) => {
  rest = resolve;
});

/**
 * Loads code that a page needs only when it is used, such as the inside of a menu: once, on first use or when the page
 * is idle, so that it is loaded before the connection drops.
 * @param get loads the part; called again after a failure
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

/** Marks an element whose code loads when the page is idle. */
export const IDLE_TIMEOUT = { 'data-waking': 'later' } as const;

const hurry = ({ target }: Event) => {
  if (target instanceof Element && target.closest(`[data-waking="${IDLE_TIMEOUT['data-waking']}"]`)) rest();
};

/**
 * Loads all deferred code once the page has been interactive for a moment, or as soon as the user reaches for a part of
 * it. Returns a function that cancels this.
 */
export const scheduleIdle = (): (() => void) => {
  const timer = setTimeout(rest, AT_REST_MS);
  const reaches = ['touchstart', 'mouseover', 'focusin'] as const;
  for (const reach of reaches) addEventListener(reach, hurry, { capture: true, passive: true });
  return () => {
    clearTimeout(timer);
    for (const reach of reaches) removeEventListener(reach, hurry, { capture: true });
  };
};

/** Delay before a failed load is retried, ms. */
const AGAIN_MS = 3000;

/** Loads a part at idle, retrying until it succeeds. */
export const isIdle = async <T>(get: () => Promise<T>): Promise<T> => {
  await rested;
  for (;;)
    try {
      return await get();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
};
