import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { interlockedBank } from '../../job/interlocked-bank';

export const heldBankMissing: Rule<Facts> = {
  id: 'held-bank-missing',
  why: 'A strip interlock works on a bank with its own heat input; bank 1 comes on with every call.',
  check: (facts) =>
    backupOf(facts) === 'strips' && facts.boxes.heldBank !== null && interlockedBank(facts) === null
      ? [
          {
            severity: 'error',
            what: `The strip interlock is set to bank ${facts.boxes.heldBank}, but the kit or board has no such bank besides the first.`,
            fix: 'Correct the elements’ banks or the board’s inputs, or interlock another bank.',
            page: 'wiring',
            fact: 'boxes.heldBank',
            fixBy: [{ path: 'boxes.heldBank', value: null }],
          },
        ]
      : [],
};
