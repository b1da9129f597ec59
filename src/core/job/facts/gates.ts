import { optionalNumberFact } from '../fact';

export const gates = {
  compressorBelowF: optionalNumberFact({
    label: 'Compressor locked out below',
    place: 'wall',
    unit: '°F',
    min: -20,
    max: 60,
    assumed: null,
    none: 'no lockout',
    why: 'With electric strips a heat pump above COP 1 is always the cheaper; a lockout above the unit’s own limit costs money.',
  }),
  auxAboveF: optionalNumberFact({
    label: 'Strips locked out above',
    place: 'wall',
    unit: '°F',
    min: -10,
    max: 70,
    assumed: null,
    none: 'no lockout',
    why: 'Keeps strips off in mild weather; some utilities and energy codes ask for it. Emergency heat is not held by it.',
  }),
};
