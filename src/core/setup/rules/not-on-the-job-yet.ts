import type { Rule } from '../../job/finding';
import { isOffTheJob } from '../resolve';
import { settingWords } from '../value';
import { about, type SetupSubject, toSet } from './subject';

export const notOnTheJobYet: Rule<SetupSubject> = {
  id: 'not-on-the-job-yet',
  why: 'The ruler and the wiring show what the job’s facts say; this was worked out since.',
  check: (subject) =>
    [...subject.settings.values()].filter(isOffTheJob).map((resolved) =>
      about(resolved.setting.id, {
        severity: 'advice',
        what: `${resolved.setting.label}: worked out ${settingWords(resolved.setting, resolved.value)}; the job still says ${settingWords(resolved.setting, resolved.onJob!)}.`,
        mend: 'Take it, or set another.',
        mendBy: toSet(subject, resolved.setting.id, resolved.value, ''),
      }),
    ),
};
