import { BALANCE_RULES } from '../balance/rules';
import { applyRules, type Finding } from '../job/finding';
import type { JobModel } from '../model/job-model';
import { memoizeLast } from '../model/memoize-last';
import { setupFindings } from '../setup/findings';
import type { ResolvedSettings } from '../setup/resolve-among';
import { backupSetToFossil } from '../wiring/rules/backup-set-to-fossil';
import { controlAgrees } from '../wiring/rules/control-agrees';
import { enoughConductors } from '../wiring/rules/enough-conductors';
import { stripsSetToFossil } from '../wiring/rules/strips-set-to-fossil';
import { wiringSubject } from '../wiring/rules/subject';
import { valveAgrees } from '../wiring/rules/valve-agrees';
import { inOrder } from './order';
import { findingsFor } from './pages';

/** Wiring rules that settings fix, or that leave settings without a conductor, in the order of the full check. */
const WIRING = [controlAgrees, valveAgrees, backupSetToFossil, stripsSetToFossil, enoughConductors];

/** Findings of the Setup page, from the rules that can produce them, to keep its bundle small. */
export const setupPageFindings = memoizeLast(
  ({ facts, refused, sound, wall }: JobModel, settings: ResolvedSettings): readonly Finding[] =>
    findingsFor(
      'setup',
      inOrder(facts, [
        ...(refused.length > 0 ? refused : applyRules(WIRING, wiringSubject(facts, sound, wall))),
        ...applyRules(BALANCE_RULES, facts),
        ...setupFindings({ facts, settings }),
      ]),
    ),
);
