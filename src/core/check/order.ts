import type { Facts } from '../job/document';
import { type Finding, findingKey, NEVER_WAIVED, type Severity } from '../job/finding';

const GRAVITY: Record<Severity, number> = { error: 0, warning: 1, advice: 2 };
const WAIVED = 3;

const rank = ({ severity, waived }: Finding) => (waived ? WAIVED : GRAVITY[severity]);

/** Marks accepted findings and sorts by severity, accepted ones last. */
export const inOrder = (facts: Facts, findings: readonly Finding[]): Finding[] => {
  const waivers = new Map(facts.wiring.waivers.map((waiver) => [waiver.finding, waiver]));
  return findings
    .map((finding) => {
      const waiver = NEVER_WAIVED.has(finding.rule) ? undefined : waivers.get(findingKey(finding));
      return waiver ? { ...finding, waived: { reason: waiver.reason, by: waiver.by, at: waiver.at } } : finding;
    })
    .sort((a, b) => rank(a) - rank(b));
};
