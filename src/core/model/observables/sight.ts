import { type ObservableKind, word } from './definition';
import { slug } from './terminal-name';

/** Whether a coil is visibly or audibly pulled in. */
export const sight: ObservableKind<'sight'> = {
  key: ({ coil }, place) => `${place}/seen-${slug(coil)}`,
  read: ({ state }, { coil }) => word(state.energized.has(coil), 'in', 'out'),
};
