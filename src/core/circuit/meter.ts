import type { NodeName } from './network';
import type { Solution } from './solve';

/**
 * What a voltmeter between two nodes shows: |Va − Vb|, V. A node that no edge touches floats at the reference and
 * reads as such.
 */
export const readVolts = ({ volts }: Solution, a: NodeName, b: NodeName): number =>
  Math.abs((volts.get(a) ?? 0) - (volts.get(b) ?? 0));
