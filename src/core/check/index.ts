import type { Finding } from '../job/finding';
import type { Reading } from '../job/reading';
import type { JobBasis } from '../model/basis';
import { setupFindings } from '../setup/findings';
import type { ResolvedSettings } from '../setup/resolve';
import { checkEquipment } from './equipment';
import { inOrder } from './order';

/**
 * Everything that wants a look in a job's facts, wiring, settings and measurements, gravest first, waived ones last.
 */
export const check = (basis: JobBasis, readings: readonly Reading[], settings: ResolvedSettings): Finding[] =>
  inOrder(basis.facts, [...checkEquipment(basis, readings), ...setupFindings({ facts: basis.facts, settings })]);
