import { BALANCE_RULES } from '../balance/rules';
import type { Facts } from '../job/document';
import { applyRules, type Finding, findingKey } from '../job/finding';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { memoizeLast } from '../model/memoize-last';
import { observed } from '../model/observation-key';
import type { Wires } from '../model/wires';
import { NAMEPLATE_RULES } from '../nameplates';
import { SERVICE_RULES } from '../service/rules';
import { measuredFindings } from '../strips/measured';
import { STRIP_RULES } from '../strips/rules';
import { memoize } from '../units/once';
import { mistakeOf } from '../wiring/mistake';
import { WIRING_RULES } from '../wiring/rules';
import { wiringSubject } from '../wiring/rules/subject';
import { inOrder } from './order';

/**
 * Wiring findings: why it cannot be planned, or the rules' findings about the actual wiring; the one mistake that
 * explains the others first.
 */
const findInWires = (facts: Facts, { refused, sound, wall, supply }: Wires): readonly Finding[] => {
  if (refused.length > 0) return refused;
  const found = applyRules(WIRING_RULES, wiringSubject(facts, sound, wall));
  const mistake = mistakeOf(facts, sound, wall, supply, found);
  if (mistake === null) return found;
  const key = findingKey(mistake.finding);
  return [
    mistake.finding,
    ...found.map((finding) => (mistake.explains.has(findingKey(finding)) ? { ...finding, under: key } : finding)),
  ];
};

/** Wires only depend on whether a lockout exists. */
const lockoutKey = ({ gates }: Facts) => `${gates.compressorBelowF === null} ${gates.auxAboveF === null}`;

const byWires = new WeakMap<Wires, (facts: Facts) => readonly Finding[]>();

/** Shared by all facts with the same wires: dragging a lockout changes none of it. */
const wiringFindings = ({ facts, wires }: JobModel): readonly Finding[] => {
  const find = byWires.get(wires) ?? memoize(lockoutKey, (asked: Facts) => findInWires(asked, wires));
  byWires.set(wires, find);
  return find(facts);
};

const NOTHING: readonly Reading[] = [];

const all = memoizeLast((model: JobModel, readings: readonly Reading[]): Finding[] => {
  const { facts } = model;
  return inOrder(facts, [
    ...wiringFindings(model),
    ...applyRules(STRIP_RULES, facts),
    ...applyRules(SERVICE_RULES, facts),
    ...applyRules(BALANCE_RULES, facts),
    ...applyRules(NAMEPLATE_RULES, facts),
    ...measuredFindings(facts, observed(facts, readings)),
  ]);
});

/** All findings on facts, wiring and measurements, worst first; settings are separate. */
export const checkEquipment = (model: JobModel, readings: readonly Reading[] = NOTHING): Finding[] =>
  all(model, readings);
