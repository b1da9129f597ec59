import { CROSSING_RULES } from '../crossing/rules';
import { applyRules, type Finding, findingKey } from '../job/finding';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { lastOf } from '../model/last-of';
import { observed } from '../model/observable';
import { measuredFindings } from '../strips/measured';
import { STRIP_RULES } from '../strips/rules';
import { mistakeOf } from '../wiring/mistake';
import { WIRING_RULES } from '../wiring/rules';
import { wiringSubject } from '../wiring/rules/subject';
import { inOrder } from './order';

/**
 * Findings of the wiring: why it cannot be planned, or what the rules say of what is in the wall; the one mistake that
 * explains them first, and the rest under it.
 */
const wiringFindings = (model: JobModel): Finding[] => {
  if (model.refused.length > 0) return [...model.refused];
  const { facts, sound, wall, supply } = model;
  const found = applyRules(WIRING_RULES, wiringSubject(facts, sound, wall));
  const mistake = mistakeOf(facts, sound, wall, supply, found);
  if (mistake === null) return found;
  const key = findingKey(mistake.finding);
  return [
    mistake.finding,
    ...found.map((finding) => (mistake.explains.has(findingKey(finding)) ? { ...finding, under: key } : finding)),
  ];
};

const NOTHING: readonly Reading[] = [];

const all = lastOf((model: JobModel, readings: readonly Reading[]): Finding[] => {
  const { facts } = model;
  return inOrder(facts, [
    ...wiringFindings(model),
    ...applyRules(STRIP_RULES, facts),
    ...applyRules(CROSSING_RULES, facts),
    ...measuredFindings(facts, observed(facts, readings)),
  ]);
});

/** Everything that wants a look in a job's facts, wiring and measurements, gravest first; its settings apart. */
export const checkEquipment = (model: JobModel, readings: readonly Reading[] = NOTHING): Finding[] =>
  all(model, readings);
