import type { Facts } from '../../job/document';
import type { Contact, Transformer } from '../device';

/**
 * Open-circuit volts and series resistance of a 40 VA class 2 transformer; a larger one is stiffer in proportion. Our
 * judgment: it gives 24.1 V at full load, as rated.
 */
const OPEN_CIRCUIT_VOLTS = 26.6;
const OHMS_AT_40_VA = 1.5;

/** A class 2 transformer of a rating, VA, between two points. */
export const transformerOf = (va: number, plus: string, minus: string): Transformer => ({
  plus,
  minus,
  va,
  openCircuitVolts: OPEN_CIRCUIT_VOLTS,
  ohms: (OHMS_AT_40_VA * 40) / va,
});

/** The system's transformer with the board's fuse between it and R. */
export const boardSupply = ({
  airHandler,
}: Facts): { readonly transformers: readonly Transformer[]; readonly contacts: readonly Contact[] } => ({
  transformers: [transformerOf(airHandler.transformerVA, 'secondary', 'C')],
  contacts: [
    {
      id: 'board fuse',
      label: `Board fuse, ${airHandler.fuseAmps} A`,
      from: 'secondary',
      to: 'R',
      movedBy: 'fuse-open',
      rests: 'closed',
      openWhy: `The ${airHandler.fuseAmps} A board fuse has blown: the 24 V circuit draws more than the fuse can carry.`,
    },
  ],
});
