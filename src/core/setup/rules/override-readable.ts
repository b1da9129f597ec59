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
                ? `The saved value for “${setting.label}” cannot be read: “${row.value}”.`
                : `There is a saved value for a setting that no longer exists: “${row.setting}”, “${row.value}”.`,
              fix: 'The calculated value is used. Set it again if you want a different one.',
              fixBy: [
                { path: 'setup.overrides', value: subject.facts.setup.overrides.filter((other) => other !== row) },
              ],
            },
          ];
    }),
};
