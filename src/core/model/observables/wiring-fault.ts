import { faultsByCode, type NamedFault } from '../../wiring/fault';
import type { Asked, Prediction } from './definition';

/** Word for “all checked, all sound”. */
export const NO_FAULT_WORDS = 'sound';

/** Code of the first visible wiring fault. */
export const faultWord = ({ bench, moment }: Asked, shows: (named: NamedFault) => boolean): Prediction => ({
  kind: 'word',
  word: faultsByCode(bench.harness, moment.scenario.faults).find(shows)?.code ?? NO_FAULT_WORDS,
});
