import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

export const zoneBoardWithPair: Rule<Facts> = {
  id: 'zone-board-with-pair',
  why: 'A relay pair answers to the board it was made for; a zone board between the two is no such board.',
  check: ({ boxes }) =>
    boxes.zoneBoard && boxes.relayPair
      ? [
          {
            severity: 'error',
            what: 'A relay pair and a zone board stand in the same conductors.',
            mend: 'Pull a cable with enough conductors to the zone board, and leave the relay pair out.',
            page: 'wiring',
            fact: 'boxes.relayPair',
            mendBy: [{ path: 'boxes.relayPair', value: false }],
          },
        ]
      : [],
};
