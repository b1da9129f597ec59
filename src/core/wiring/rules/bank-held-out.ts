import { CALLS } from '../../control/moment';
import { bankCoilId, COMPRESSOR_COIL } from '../../devices/ids';
import { interlockedBank } from '../../job/interlocked-bank';
import type { WiringRule } from './subject';

export const bankHeldOut: WiringRule = {
  id: 'bank-held-out',
  why: 'The service can carry the house only if this bank stays off while the compressor runs.',
  check: ({ facts, cold }) => {
    const bank = interlockedBank(facts);
    if (bank === null) return [];
    const both = [...cold].filter(
      ([, { energized }]) => energized.has(bankCoilId(bank)) && energized.has(COMPRESSOR_COIL),
    );
    return both.length === 0
      ? []
      : [
          {
            severity: 'error',
            what: `Bank ${bank} runs with the compressor on: ${both.map(([call]) => CALLS[call].short.toLowerCase()).join(', ')}.`,
            fix: 'Put the strip-interlock contact in that bank’s call and its coil on Y, and remove anything that bypasses it.',
            page: 'wiring',
            at: 'strip-interlock.W-in',
          },
        ];
  },
};
