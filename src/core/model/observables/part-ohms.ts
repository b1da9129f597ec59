import { number, type ObservableKind } from './definition';

/** A closed link or limit, Ω. Our judgment. */
const CLOSED_OHMS = 0.2;

/** Cold ohms of a part in series with an element. */
export const partOhms: ObservableKind<'part-ohms'> = {
  key: ({ part, element }) => `element-ohms/${part}-${element + 1}`,
  read: ({ given }, { part, element }) =>
    given.ails?.rungs[element] === part ? { kind: 'open' } : number(CLOSED_OHMS, [0, 2 * CLOSED_OHMS]),
};
