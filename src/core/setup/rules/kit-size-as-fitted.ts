import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet } from './subject';

export const kitSizeAsFitted: Rule<SetupSubject> = {
  id: 'kit-size-as-fitted',
  why: 'The board takes the airflow with strips from it: too small a figure starves the strips of air.',
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
          what: `The kit size is to be set to ${set} kW; ${fitted} kW is fitted.`,
          mend: 'Set what is fitted, at its rated volts.',
          mendBy: toSet(subject, 'kit-size', fitted, ''),
        }),
      ];
    return allowed.length > 0 && set > 0 && !allowed.some((kW) => Math.abs(kW - set) < 0.25)
      ? [
          about('kit-size', {
            severity: 'error',
            what: `The indoor unit’s label does not allow a kit of ${set} kW: ${allowed.join(', ')} kW.`,
            mend: 'Fit one that is allowed. Do not set another size to get round the label.',
          }),
        ]
      : [];
  },
};
