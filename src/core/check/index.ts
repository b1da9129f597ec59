import type { FactPath } from '../job/document';
import type { Finding } from '../job/finding';
import type { Reading } from '../job/reading';
import type { JobBasis } from '../model/basis';
import { setupFindings } from '../setup/findings';
import { resolveSettings, type SetupJob } from '../setup/resolve';
import { checkEquipment } from './equipment';
import { inOrder } from './order';

interface Kept {
  readonly readings: readonly Reading[];
  readonly confirmed: SetupJob['confirmed'];
  readonly findings: readonly Finding[];
}

/** The last findings of each model: its pages ask for the same ones again and again. */
const lastOf = new WeakMap<JobBasis, Kept>();

const NOBODY: ReadonlySet<FactPath> = new Set();
const NOTHING: readonly Reading[] = [];

/**
 * Everything that wants a look in a job's facts, wiring, settings and measurements, gravest first, waived ones last.
 * Settings apart, a job's model itself says it.
 * @param confirmed facts that somebody has looked at; none, unless said
 */
export const findingsOf = (
  model: JobBasis,
  readings: readonly Reading[] = NOTHING,
  confirmed: SetupJob['confirmed'] = NOBODY,
): readonly Finding[] => {
  const kept = lastOf.get(model);
  if (kept?.readings === readings && kept.confirmed === confirmed) return kept.findings;
  const { facts } = model;
  const settings = resolveSettings({ facts, confirmed });
  const findings = inOrder(facts, [...checkEquipment(model, readings), ...setupFindings({ facts, settings })]);
  lastOf.set(model, { readings, confirmed, findings });
  return findings;
};
