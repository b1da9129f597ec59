import { CROSSING_RULES } from '../crossing/rules';
import type { Facts } from '../job/document';
import { applyRules, type Finding } from '../job/finding';
import type { Reading } from '../job/reading';
import { measuredFindings } from '../strips/measured';
import { STRIP_RULES } from '../strips/rules';
import { harnessInWall } from '../wiring/as-found';
import { plan } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { WIRING_RULES } from '../wiring/rules';
import { wiringSubject } from '../wiring/rules/subject';
import { inOrder } from './order';

/** Findings of the wiring: why it cannot be planned, or what the rules say of what is in the wall. */
const wiringFindings = (facts: Facts): Finding[] => {
  const refused = refusals(facts);
  if (refused.length > 0) return refused;
  const planned = plan(facts);
  return applyRules(WIRING_RULES, wiringSubject(facts, planned, harnessInWall(facts, planned)));
};

/** Everything that wants a look in a job's facts, wiring and measurements, gravest first; its settings apart. */
export const checkEquipment = (facts: Facts, readings: readonly Reading[] = []): Finding[] =>
  inOrder(facts, [
    ...wiringFindings(facts),
    ...applyRules(STRIP_RULES, facts),
    ...applyRules(CROSSING_RULES, facts),
    ...measuredFindings(facts, readings),
  ]);
