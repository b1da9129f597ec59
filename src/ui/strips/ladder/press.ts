import type { KeyboardEvent } from 'react';

/** What makes a part of a drawing a button: click, Enter and space alike. */
export const press = (onPress: () => void) => ({
  role: 'button' as const,
  tabIndex: 0,
  onClick: onPress,
  onKeyDown: (event: KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onPress();
  },
});
