import { DEFAULT_MOMENT } from '../control/moment';
import { CROSSING_RULES } from '../crossing/rules';
import type { Facts } from '../job/document';
import { applyRules, type Finding, type Severity } from '../job/finding';
import type { Reading } from '../job/reading';
import { measuredFindings } from '../strips/measured';
import { STRIP_RULES } from '../strips/rules';
import { plan } from '../wiring/plan';
import { WIRING_RULES } from '../wiring/rules';
import { statesOfAllCalls } from '../wiring/terminal-table';

const GRAVITY: Record<Severity, number> = { error: 0, warning: 1, advice: 2 };

/** Everything that wants a look in a job's facts, planned wiring and measurements, gravest first. */
export const check = (facts: Facts, readings: readonly Reading[] = []): Finding[] => {
  // With every lockout lifted, the wiring is judged with everything it may have to carry.
  const unlocked: Facts = { ...facts, gates: { compressorBelowF: null, auxAboveF: null } };
  const subject = { facts, harness: plan(facts), states: statesOfAllCalls(unlocked, DEFAULT_MOMENT) };
  const findings = [
    ...applyRules(WIRING_RULES, subject),
    ...applyRules(STRIP_RULES, facts),
    ...applyRules(CROSSING_RULES, facts),
    ...measuredFindings(facts, readings),
  ];
  return findings.sort((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity]);
};
