import type { Facts } from '../../job/document';
import type { Terminal } from '../device';

/** The compressor terminals of an outdoor unit, first stage first. */
export const compressorMarks = ({ outdoorUnit }: Facts): readonly string[] => (outdoorUnit.stages === 'two' ? ['Y1', 'Y2'] : ['Y']);

/** What an indoor unit passes on to the outdoor unit: compressor and valve. */
export const passedOn = (facts: Facts): Terminal[] => [
  ...compressorMarks(facts).map((mark) => ({ mark, carries: 'compressor, passed on' })),
  { mark: facts.outdoorUnit.reversingValve, carries: 'reversing valve, passed on' },
];
