import { number, type ObservableKind } from './definition';

/** Flame current of a clean rod, µA. Our judgment. */
const CLEAN_MICROAMPS = 3;

/** Flame current, µA. */
export const flameCurrent: ObservableKind<'flame-current'> = {
  key: (_observable, place) => `${place}/flame-current`,
  read: ({ works, given }) => number(works().flame === 'cold' ? 0 : CLEAN_MICROAMPS * (given.ails?.flameShare ?? 1)),
};
