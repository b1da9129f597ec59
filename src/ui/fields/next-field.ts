const FIELDS =
  'input:not([type=hidden]):not([type=radio]):not([disabled]), textarea:not([disabled]), select:not([disabled])';

/**
 * Goes to the field after this one on the page, so that a keypad's Enter leads through a list. Whoever has gone to
 * another field since, as before the page was alive, stays there.
 */
export const goToNextField = (from: HTMLElement) => {
  if (document.activeElement !== from) return;
  const place = from.closest('[role=dialog], main') ?? document;
  const fields = [...place.querySelectorAll<HTMLElement>(FIELDS)].filter((field) => field.offsetParent !== null);
  const next = fields[fields.indexOf(from) + 1];
  if (next) next.focus();
  else from.blur();
};
