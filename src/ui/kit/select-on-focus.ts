import type { FocusEvent } from 'react';

/**
 * Props of a field whose text is selected when it gets the focus, so that typing replaces it. The attribute tells the
 * queue of early input, which does the same before hydration.
 */
export const SELECT_ON_FOCUS = {
  'data-select-on-focus': '',
  onFocus: (event: FocusEvent<HTMLInputElement>) => event.target.select(),
} as const;
