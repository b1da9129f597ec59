import { number, type ObservableKind } from './definition';

/** A failed capacitor, % of its label. Our judgment. */
const WEAK_PERCENT = 40;

/** Capacitance relative to its label, %. */
export const capacitor: ObservableKind<'capacitor'> = {
  key: ({ of }) => `power-off/capacitor-${of}`,
  read: ({ given }, { of }) => {
    const ail = of === 'compressor' ? given.ails?.compressor : given.ails?.outdoorFan;
    return number(ail === 'no-capacitor' ? WEAK_PERCENT : 100);
  },
};
