import type { KeyboardEvent } from 'react';

/** Makes a part of a drawing a button: click, Enter and space. */
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
