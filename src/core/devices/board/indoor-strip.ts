import type { Facts } from '../../job/document';
import type { Terminal } from '../device';
import { DEHUMIDIFY_MARK, hasDehumidistat } from './blower';

/** The outdoor unit's compressor terminals, first stage first. */
export const compressorMarks = ({ outdoorUnit }: Facts): readonly string[] =>
  outdoorUnit.stages === 'two' ? ['Y1', 'Y2'] : ['Y'];

/** What an indoor unit passes on to the outdoor unit: compressor and valve. */
const passedOn = (facts: Facts): Terminal[] => [
  ...compressorMarks(facts).map((mark) => ({ mark, carries: 'compressor, pass-through' })),
  { mark: facts.outdoorUnit.reversingValve, carries: 'reversing valve, pass-through' },
];

/** The terminals that every indoor board has, before its heat inputs. */
export const indoorStrip = (facts: Facts): Terminal[] => [
  { mark: 'R', carries: 'hot side of the transformer' },
  { mark: 'C', carries: 'common side' },
  ...passedOn(facts),
  { mark: 'G', carries: 'blower' },
  ...(hasDehumidistat(facts) ? [{ mark: DEHUMIDIFY_MARK, carries: 'full cooling airflow while energized' }] : []),
];
