import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

const WHAT = {
  R: 'A load-control relay in R shuts off everything during a utility call: no heat at all.',
  AUX: 'A load-control relay in the auxiliary call also blocks emergency heat if the two share a conductor or a bank.',
} as const;

export const loadControlInHeat: Rule<Facts> = {
  id: 'load-control-in-heat',
  why: 'Nothing may interrupt emergency heat: let the utility’s relay drop the compressor only, and the house stays warm.',
  check: ({ boxes }) =>
    boxes.loadControl === 'R' || boxes.loadControl === 'AUX'
      ? [
          {
            severity: 'error',
            what: WHAT[boxes.loadControl],
            fix: 'Put it in Y.',
            page: 'wiring',
            fact: 'boxes.loadControl',
            fixBy: [{ path: 'boxes.loadControl', value: 'Y' }],
          },
        ]
      : [],
};
