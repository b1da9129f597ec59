import { CALLS } from '../../control/moment';
import { bankCoilId, COMPRESSOR_COIL } from '../../devices/ids';
import { heldBank } from '../../strips/held-bank';
import type { WiringRule } from './subject';

export const bankHeldOut: WiringRule = {
  id: 'bank-held-out',
  why: 'The service carries the house only while this bank is off beside the compressor.',
  check: ({ facts, cold }) => {
    const bank = heldBank(facts);
    if (bank === null) return [];
    const both = [...cold].filter(
      ([, { energised }]) => energised.has(bankCoilId(bank)) && energised.has(COMPRESSOR_COIL),
    );
    return both.length === 0
      ? []
      : [
          {
            severity: 'error',
            what: `Bank ${bank} runs beside the compressor: ${both.map(([call]) => CALLS[call].short.toLowerCase()).join(', ')}.`,
            mend: 'Put the strip interlock’s contact in that bank’s call, its coil on Y, and take out what goes round it.',
            page: 'wiring',
            at: 'strip-interlock.W-in',
          },
        ];
  },
};
