const FIELDS =
  'input:not([type=hidden]):not([type=radio]):not([disabled]), textarea:not([disabled]), select:not([disabled])';

/**
 * Moves focus to the next field on the page, so that Enter on a keypad steps through a list. If focus has moved
 * elsewhere meanwhile, it stays there.
 */
export const goToNextField = (from: HTMLElement) => {
  if (document.activeElement !== from) return;
  const place = from.closest('[role=dialog], main') ?? document;
  const fields = [...place.querySelectorAll<HTMLElement>(FIELDS)].filter((field) => field.offsetParent !== null);
  const next = fields[fields.indexOf(from) + 1];
  if (next) next.focus();
  else from.blur();
};
