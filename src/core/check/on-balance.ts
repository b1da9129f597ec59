import { BALANCE_RULES } from '../balance/rules';
import { applyRules, type Finding } from '../job/finding';
import type { JobModel } from '../model/job-model';
import { memoizeLast } from '../model/memoize-last';
import { zoneHasAir } from '../strips/rules/zone-has-air';
import { inOrder } from './order';
import { findingsFor } from './pages';

/** Findings of the Balance page, from the rules that can produce them, to keep its bundle small. */
export const balancePageFindings = memoizeLast(({ facts }: JobModel): readonly Finding[] =>
  findingsFor('balance', inOrder(facts, [...applyRules([zoneHasAir], facts), ...applyRules(BALANCE_RULES, facts)])),
);
