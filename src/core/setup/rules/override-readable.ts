import type { Rule } from '../../job/finding';
import { settingById } from '../settings';
import { settingFromText } from '../value';
import type { SetupSubject } from './subject';

export const overrideReadable: Rule<SetupSubject> = {
  id: 'override-readable',
  why: 'A value that cannot be read is not used.',
  check: (subject) =>
    subject.facts.setup.overrides.flatMap((row) => {
      const setting = settingById(row.setting);
      const isRead = setting !== undefined && settingFromText(setting, row.value) !== undefined;
      return isRead
        ? []
        : [
            {
              page: 'setup',
              at: `setup.${row.setting}`,
              severity: 'warning',
              what: setting
                ? `A value kept for “${setting.label}” cannot be read: “${row.value}”.`
                : `A value is kept for a setting that there is no more: “${row.setting}”, “${row.value}”.`,
              mend: 'The worked-out value is used. Set it again if it is to be another.',
              mendBy: [
                { path: 'setup.overrides', value: subject.facts.setup.overrides.filter((other) => other !== row) },
              ],
            },
          ];
    }),
};
