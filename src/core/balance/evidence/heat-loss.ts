import type { Evidence } from './evidence';

/** Spread of heat-loss figures against measured use; rules of thumb, not from a table. */
const SPREAD = { 'room-by-room': 0.15, 'whole-house': 0.25, guess: 0.4 } as const;

const WORDS = {
  'room-by-room': 'Calculated room by room.',
  'whole-house': 'Calculated for the whole house.',
  guess: 'A guess: the old furnace is often twice the size the house needs.',
} as const;

export const heatLoss: Evidence = {
  id: 'heat-loss',
  label: 'Heat-loss figure',
  about: 'Accounts for the building, not for the people in it. Usually runs high.',
  estimate: ({ house, load }) => ({
    kind: 'known',
    designBtuh: house.designBtuh,
    uncertainty: SPREAD[load.heatLossIs],
    because: WORDS[load.heatLossIs],
  }),
};
