import { factApplies } from './applies';
import { factAt, type FactPath, type Facts, factValue } from './document';

/** Whether a fact is an assumption: it applies, has a value, and no one confirmed it. An empty name assumes nothing. */
export const isAssumed = (facts: Facts, confirmed: ReadonlySet<FactPath>, path: FactPath): boolean =>
  !confirmed.has(path) && factApplies(facts, path) && !(factAt(path).kind === 'text' && factValue(facts, path) === '');
