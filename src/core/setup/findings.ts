import { applyRules, type Finding } from '../job/finding';
import { SETUP_RULES } from './rules';
import type { SetupSubject } from './rules/subject';

/** Conflicts among the settings of a job and with its equipment. */
export const setupFindings = (subject: SetupSubject): Finding[] => applyRules(SETUP_RULES, subject);
