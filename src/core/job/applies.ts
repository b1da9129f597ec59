import { factAt, type FactPath, type Facts, factValue, isFactPath } from './document';

/** Whether a fact applies to a job: the fact it depends on has one of the required values, recursively. */
export const factApplies = (facts: Facts, path: FactPath): boolean => {
  const { onlyWhen } = factAt(path);
  if (onlyWhen === undefined || !isFactPath(onlyWhen.path)) return true;
  return onlyWhen.is.includes(factValue(facts, onlyWhen.path) as string) && factApplies(facts, onlyWhen.path);
};
