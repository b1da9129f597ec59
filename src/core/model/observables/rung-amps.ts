import { type ObservableKind } from './definition';

/** Word for the rungs that draw current. */
export const rungsOnWord = (elements: readonly number[]): string =>
  elements.length === 0
    ? 'none'
    : [...elements]
        .sort((a, b) => a - b)
        .map((at) => at + 1)
        .join('+');

/** Every rung of the kit checked with a clamp: which draw current. */
export const rungAmps: ObservableKind<'rung-amps'> = {
  key: (_observable, place) => `${place}/rung-amps`,
  read: ({ works }) => ({ kind: 'word', word: rungsOnWord([...works().elementsOn]) }),
};
