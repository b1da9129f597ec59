import { factAt, type FactPath, type Facts, factValue, isFactPath } from './document';

/** Whether a fact matters for a job: what it depends on has the values it asks for, and so on upwards. */
export const factApplies = (facts: Facts, path: FactPath): boolean => {
  const { onlyWhen } = factAt(path);
  if (onlyWhen === undefined || !isFactPath(onlyWhen.path)) return true;
  return onlyWhen.is.includes(factValue(facts, onlyWhen.path) as string) && factApplies(facts, onlyWhen.path);
};
