import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';

const WHAT = {
  R: 'A load-control relay in R takes everything while the utility asks: no heat at all.',
  AUX: 'A load-control relay in the auxiliary call holds emergency heat too, wherever the two share a conductor or a bank.',
} as const;

export const loadControlInHeat: Rule<Facts> = {
  id: 'load-control-in-heat',
  why: 'Nothing may stand before emergency heat: the utility’s relay holds the compressor, and the house stays warm.',
  check: ({ boxes }) =>
    boxes.loadControl === 'R' || boxes.loadControl === 'AUX'
      ? [
          {
            severity: 'error',
            what: WHAT[boxes.loadControl],
            mend: 'Put it in Y.',
            page: 'wiring',
            fact: 'boxes.loadControl',
            mendBy: [{ path: 'boxes.loadControl', value: 'Y' }],
          },
        ]
      : [],
};
