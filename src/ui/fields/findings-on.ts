import type { FactPath } from '@/core/job/document';
import type { Finding } from '@/core/job/finding';
import { memoizeLast } from '@/core/model/memoize-last';

const NONE: readonly Finding[] = [];

const byFact = memoizeLast((all: readonly Finding[]): ReadonlyMap<FactPath, readonly Finding[]> => {
  const found = new Map<FactPath, Finding[]>();
  for (const finding of all) if (finding.fact) found.set(finding.fact, [...(found.get(finding.fact) ?? []), finding]);
  return found;
});

/** A page's findings on a fact; the same list object while unchanged. */
export const findingsOn = (all: readonly Finding[], path: FactPath): readonly Finding[] =>
  byFact(all).get(path) ?? NONE;
