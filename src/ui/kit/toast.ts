'use client';

import type { ExternalToast } from 'sonner';
import { whenIdle } from '../loading/idle';

const toaster = whenIdle(() => import('./toaster'));

let shown: (() => void) | undefined;
/** Resolves once the toaster is on the page. */
const isShown = new Promise<void>((resolve) => (shown = resolve));

type Place = Awaited<ReturnType<typeof toaster>>['ShownToaster'];
let place: Place | null = null;
let draw: (place: Place) => void = () => undefined;

/** Another component renders the toaster when notified. */
export const mountToaster = (whoever: (place: Place) => void): void => {
  draw = whoever;
  if (place) draw(place);
};

/** Notified once the toaster is on the page. */
export const toastsAreShown = (): void => shown!();

const ready = async () => {
  const { ShownToaster, toast: say } = await toaster();
  if (place === null) draw((place = ShownToaster));
  await isShown;
  return say;
};

/** Shows a short message, such as what was done and Undo; if the toaster cannot be loaded, the browser's alert does. */
export const toast = Object.assign(
  (words: string, how?: ExternalToast): void =>
    void ready().then(
      (say) => say(words, how),
      () => window.alert(words),
    ),
  {
    /** Shows that something was not done, and what to do. */
    error: (words: string, how?: ExternalToast): void =>
      void ready().then(
        (say) => say.error(words, how),
        () => window.alert(words),
      ),
  },
);
