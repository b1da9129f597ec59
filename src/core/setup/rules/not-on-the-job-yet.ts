import type { Rule } from '../../job/finding';
import { isOffTheJob } from '../resolve';
import { settingWords } from '../value';
import { about, type SetupSubject, toSet } from './subject';

export const notOnTheJobYet: Rule<SetupSubject> = {
  id: 'not-on-the-job-yet',
  why: 'The ruler and wiring use the value on the job; this newer calculated value is not on the job yet.',
  check: (subject) =>
    [...subject.settings.values()].filter(isOffTheJob).map((resolved) =>
      about(resolved.setting.id, {
        severity: 'advice',
        what: `${resolved.setting.label}: calculated ${settingWords(resolved.setting, resolved.value)}; the job still has ${settingWords(resolved.setting, resolved.onJob!)}.`,
        fix: 'Use it, or enter another value.',
        fixBy: toSet(subject, resolved.setting.id, resolved.value, ''),
      }),
    ),
};
