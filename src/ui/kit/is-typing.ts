/** Radio buttons and check boxes take no letters: keys of the page go past them. */
const TYPED_INTO = 'input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable=true]';

/** Whether a key pressed here is text for a field, and so no key of the page. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches(TYPED_INTO);
