import type { ElementFault } from '../equipment-faults';
import { type ObservableKind } from './definition';
import { NO_FAULT_WORDS } from './wiring-fault';

/** Word for an open part of a rung. */
export const rungWord = (element: number, part: ElementFault): string => `${part}-${element + 1}`;

/** Every rung of the kit checked with an ohmmeter: which part is open. */
export const rungs: ObservableKind<'rungs'> = {
  key: () => 'element-ohms/rungs',
  read: ({ given }) => {
    const [open] = Object.entries(given.ails?.rungs ?? {}).filter(([, ail]) => ail !== 'switch' && ail !== 'welded');
    return { kind: 'word', word: open ? rungWord(Number(open[0]), open[1]) : NO_FAULT_WORDS };
  },
};
