import { BALANCE_RULES } from '../balance/rules';
import { applyRules, type Finding } from '../job/finding';
import type { JobModel } from '../model/job-model';
import { memoizeLast } from '../model/memoize-last';
import { zoneHasAir } from '../strips/rules/zone-has-air';
import { inOrder } from './order';
import { findingsFor } from './pages';

/** What the crossing page shows of all findings, by the rules that can find it: it loads no others. */
export const balancePageFindings = memoizeLast(({ facts }: JobModel): readonly Finding[] =>
  findingsFor('balance', inOrder(facts, [...applyRules([zoneHasAir], facts), ...applyRules(BALANCE_RULES, facts)])),
);
