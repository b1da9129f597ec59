import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const zoneBoardWithPair: Rule<Facts> = {
  id: 'zone-board-with-pair',
  why: 'A relay pair works only with its matching half; it cannot have a zone board in between.',
  check: ({ boxes }) =>
    boxes.zoneBoard && boxes.relayPair
      ? [
          {
            severity: 'error',
            what: 'A relay pair and a zone board are on the same conductors.',
            fix: 'Pull a cable with enough conductors to the zone board, and leave the relay pair out.',
            page: 'wiring',
            fact: 'boxes.relayPair',
            fixBy: [{ path: 'boxes.relayPair', value: false }],
          },
        ]
      : [],
};
