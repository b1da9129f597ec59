import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet } from './subject';

export const kitSizeAsFitted: Rule<SetupSubject> = {
  id: 'kit-size-as-fitted',
  why: 'The board sets strip airflow from it: too small a size starves the strips.',
  check: (subject) => {
    const kit = subject.settings.get('kit-size')!;
    if (kit.absent !== null) return [];
    const set = kit.value as number;
    const fitted = kit.worked as number;
    const allowed = subject.facts.airHandler.allowedKitsKW;
    if (Math.abs(set - fitted) > 0.05)
      return [
        about('kit-size', {
          severity: 'error',
          what: `Kit size is set to ${set} kW; ${fitted} kW is installed.`,
          fix: 'Set the installed size, at rated voltage.',
          fixBy: toSet(subject, 'kit-size', fitted, ''),
        }),
      ];
    return allowed.length > 0 && set > 0 && !allowed.some((kW) => Math.abs(kW - set) < 0.25)
      ? [
          about('kit-size', {
            severity: 'error',
            what: `The indoor unit’s label does not allow a kit of ${set} kW: ${allowed.join(', ')} kW.`,
            fix: 'Install one that is listed. Do not set a different size to get around the label.',
          }),
        ]
      : [];
  },
};
