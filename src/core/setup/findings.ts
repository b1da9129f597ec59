import { applyRules, type Finding } from '../job/finding';
import type { ResolvedSettings, SetupJob } from './resolve';
import { resolveSettings } from './resolve';
import { SETUP_RULES } from './rules';

/** What contradicts what among the settings of a job, and with its equipment. */
export const setupFindings = (job: SetupJob, settings: ResolvedSettings = resolveSettings(job)): Finding[] =>
  applyRules(SETUP_RULES, { facts: job.facts, settings });
