/** Radio buttons and check boxes take no text: page shortcuts work there. */
const TYPED_INTO = 'input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable=true]';

/** Whether a key press is text input, and so not a shortcut. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches(TYPED_INTO);
