import { CROSSING_RULES } from '../crossing/rules';
import type { FactPath, Facts } from '../job/document';
import { applyRules, type Finding, findingKey, type Severity } from '../job/finding';
import type { Reading } from '../job/reading';
import { setupFindings } from '../setup/findings';
import type { SetupJob } from '../setup/resolve';
import { measuredFindings } from '../strips/measured';
import { STRIP_RULES } from '../strips/rules';
import { harnessInWall } from '../wiring/as-found';
import { plan } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { WIRING_RULES } from '../wiring/rules';
import { wiringSubject } from '../wiring/rules/subject';

const GRAVITY: Record<Severity, number> = { error: 0, warning: 1, advice: 2 };
const WAIVED = 3;

const rank = ({ severity, waived }: Finding) => (waived ? WAIVED : GRAVITY[severity]);

/** Findings of the wiring: why it cannot be planned, or what the rules say of what is in the wall. */
const wiringFindings = (facts: Facts): Finding[] => {
  const refused = refusals(facts);
  if (refused.length > 0) return refused;
  const planned = plan(facts);
  return applyRules(WIRING_RULES, wiringSubject(facts, planned, harnessInWall(facts, planned)));
};

/** Marks the findings that somebody has decided to live with. */
const withWaivers = (facts: Facts, findings: readonly Finding[]): Finding[] => {
  const waivers = new Map(facts.wiring.waivers.map((waiver) => [waiver.finding, waiver]));
  return findings.map((finding) => {
    const waiver = waivers.get(findingKey(finding));
    return waiver ? { ...finding, waived: { reason: waiver.reason, by: waiver.by, at: waiver.at } } : finding;
  });
};

/** Everything that wants a look in a job's facts, wiring, settings and measurements, gravest first, waived ones last. */
export const check = (facts: Facts, readings: readonly Reading[] = [], confirmed: SetupJob['confirmed'] = new Set<FactPath>()): Finding[] => {
  const findings = withWaivers(facts, [
    ...wiringFindings(facts),
    ...applyRules(STRIP_RULES, facts),
    ...applyRules(CROSSING_RULES, facts),
    ...measuredFindings(facts, readings),
    ...setupFindings({ facts, confirmed }),
  ]);
  return findings.sort((a, b) => rank(a) - rank(b));
};
