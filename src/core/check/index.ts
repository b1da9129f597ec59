import type { FactPath } from '../job/document';
import type { Finding } from '../job/finding';
import type { Reading } from '../job/reading';
import type { JobModel } from '../model/job-model';
import { memoizeLast } from '../model/memoize-last';
import { setupFindings } from '../setup/findings';
import { resolveSettings } from '../setup/resolve';
import type { SetupJob } from '../setup/resolve-among';
import { checkEquipment } from './equipment';
import { inOrder } from './order';

const NOBODY: ReadonlySet<FactPath> = new Set();
const NOTHING: readonly Reading[] = [];

const all = memoizeLast(
  (model: JobModel, readings: readonly Reading[], confirmed: SetupJob['confirmed']): readonly Finding[] => {
    const { facts } = model;
    const settings = resolveSettings({ facts, confirmed });
    return inOrder(facts, [...checkEquipment(model, readings), ...setupFindings({ facts, settings })]);
  },
);

/**
 * All findings on facts, wiring, settings and measurements, worst first, accepted ones last.
 * @param confirmed confirmed facts; none by default
 */
export const findingsOf = (
  model: JobModel,
  readings: readonly Reading[] = NOTHING,
  confirmed: SetupJob['confirmed'] = NOBODY,
): readonly Finding[] => all(model, readings, confirmed);
