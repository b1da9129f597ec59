import { number, type ObservableKind } from './definition';

/** A compressor's run winding, Ω. Our judgment. */
const RUN_OHMS = 1;

/** Ohms of the compressor's run winding. */
export const windingOhms: ObservableKind<'winding-ohms'> = {
  key: () => 'power-off/compressor-windings',
  read: ({ given }) => (given.ails?.compressor === 'open' ? { kind: 'open' } : number(RUN_OHMS, [0.3, 3])),
};
