import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import type { Rule } from '../job/finding';

/** Minimum ratio of output to input of a furnace. Our judgment: old natural-draft furnaces are near 0.6. */
const LEAST_SHARE = 0.5;

export const furnaceInput: Rule<Facts> = {
  id: 'furnace-input',
  why: 'The clocked input and the airflow are judged against these two figures.',
  check: (facts) => {
    const { inputBtuh } = facts.proof;
    const { outputBtuh } = facts.furnace;
    if (backupOf(facts) !== 'fossil' || inputBtuh === null) return [];
    const about = { severity: 'error', page: 'startup', fact: 'proof.inputBtuh' } as const;
    const [input, output] = [inputBtuh, outputBtuh].map((btuh) => btuh.toLocaleString('en-US'));
    if (inputBtuh < outputBtuh)
      return [
        {
          ...about,
          what: `The input, ${input} Btu/h, is below the output, ${output} Btu/h. No furnace gives more than it burns.`,
          fix: 'Read both on the nameplate again.',
        },
      ];
    if (outputBtuh < LEAST_SHARE * inputBtuh)
      return [
        {
          ...about,
          what: `Of an input of ${input} Btu/h the output is only ${output} Btu/h: less than half.`,
          fix: 'Read both on the nameplate again: one may belong to another firing rate or model.',
        },
      ];
    return [];
  },
};
