import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { costlyLockout } from './costly-lockout';
import { defrostAirCold } from './defrost-air-cold';
import { gap } from './gap';
import { gapByTolerance } from './gap-by-tolerance';
import { loadEvidenceAgrees } from './load-evidence-agrees';
import { loadPlausible } from './load-plausible';
import { lockoutNeedsSensor } from './lockout-needs-sensor';
import { lowStagePlausible } from './low-stage-plausible';
import { ratingPointsPlausible } from './rating-points-plausible';
import { ratingPointsReach } from './rating-points-reach';
import { shortfall } from './shortfall';
import { sourcesAlternate } from './sources-alternate';
import { supplyWithStrips } from './supply-with-strips';

export const BALANCE_RULES: readonly Rule<Facts>[] = [
  gap,
  gapByTolerance,
  shortfall,
  lockoutNeedsSensor,
  costlyLockout,
  ratingPointsPlausible,
  ratingPointsReach,
  sourcesAlternate,
  lowStagePlausible,
  loadPlausible,
  loadEvidenceAgrees,
  defrostAirCold,
  supplyWithStrips,
];
