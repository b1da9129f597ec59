import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { heldBank } from '../../strips/held-bank';

export const heldBankMissing: Rule<Facts> = {
  id: 'held-bank-missing',
  why: 'A strip interlock holds a bank that has a heat input of its own; the first bank heats with every call.',
  check: (facts) =>
    backupOf(facts) === 'strips' && facts.boxes.heldBank !== null && heldBank(facts) === null
      ? [
          {
            severity: 'error',
            what: `The strip interlock is put to bank ${facts.boxes.heldBank}, which the kit or the board does not have beside its first.`,
            mend: 'Correct the elements’ banks or the board’s inputs, or hold another bank.',
            page: 'wiring',
            fact: 'boxes.heldBank',
            mendBy: [{ path: 'boxes.heldBank', value: null }],
          },
        ]
      : [],
};
