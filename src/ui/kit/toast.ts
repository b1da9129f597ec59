'use client';

import type { ExternalToast } from 'sonner';
import { whenIdle } from '../loading/idle';

const toaster = whenIdle(() => import('./toaster'));

let shown: (() => void) | undefined;
/** Settles once the place for messages is on the page. */
const isShown = new Promise<void>((resolve) => (shown = resolve));

type Place = Awaited<ReturnType<typeof toaster>>['ShownToaster'];
let place: Place | null = null;
let draw: (place: Place) => void = () => undefined;

/** The place for messages is drawn by `whoever`, as soon as there is one. */
export const mountToaster = (whoever: (place: Place) => void): void => {
  draw = whoever;
  if (place) draw(place);
};

/** To be told once the place for messages is on the page. */
export const toastsAreShown = (): void => shown!();

const ready = async () => {
  const { ShownToaster, toast: say } = await toaster();
  if (place === null) draw((place = ShownToaster));
  await isShown;
  return say;
};

/**
 * Says something in passing, such as what was done and how to undo it; where the place for it cannot be had, the
 * browser says it.
 */
export const toast = Object.assign(
  (words: string, how?: ExternalToast): void =>
    void ready().then(
      (say) => say(words, how),
      () => window.alert(words),
    ),
  {
    /** Says in passing that something was not done, and what to do. */
    error: (words: string, how?: ExternalToast): void =>
      void ready().then(
        (say) => say.error(words, how),
        () => window.alert(words),
      ),
  },
);
