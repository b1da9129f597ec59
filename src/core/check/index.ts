import type { FactPath, Facts } from '../job/document';
import type { Finding } from '../job/finding';
import type { Reading } from '../job/reading';
import { setupFindings } from '../setup/findings';
import type { SetupJob } from '../setup/resolve';
import { checkEquipment } from './equipment';
import { inOrder } from './order';

/**
 * Everything that wants a look in a job's facts, wiring, settings and measurements, gravest first, waived ones last.
 */
export const check = (
  facts: Facts,
  readings: readonly Reading[] = [],
  confirmed: SetupJob['confirmed'] = new Set<FactPath>(),
): Finding[] => inOrder(facts, [...checkEquipment(facts, readings), ...setupFindings({ facts, confirmed })]);
