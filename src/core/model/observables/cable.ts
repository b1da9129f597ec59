import { showsInCable } from '../../wiring/fault';
import { type ObservableKind } from './definition';
import { slug } from './terminal-name';
import { faultWord } from './wiring-fault';

/** Every conductor of a cable lifted at both ends and checked: which is open, which two touch. */
export const cable: ObservableKind<'cable'> = {
  key: ({ cable: id }) => `power-off/cable-${slug(id)}`,
  read: (asked, { cable: id }) => faultWord(asked, (named) => showsInCable(named, id)),
};
