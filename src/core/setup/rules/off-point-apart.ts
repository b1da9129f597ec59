import type { Rule } from '../../job/finding';
import { apartF } from '../../units/degrees';
import { LEAST_RECOVERY_F } from '../settings/timing';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const offPointApart: Rule<SetupSubject> = {
  id: 'off-point-apart',
  why: 'If the room gains too little, backup is called again right away and short-cycles.',
  check: (subject) => {
    const onF = numberOf(subject, 'aux-on-point');
    const offF = numberOf(subject, 'aux-off-point');
    if (onF === null || offF === null || onF - offF >= LEAST_RECOVERY_F) return [];
    const mendF = Math.max(0, onF - LEAST_RECOVERY_F);
    return [
      about('aux-off-point', {
        severity: 'error',
        what: `Backup comes on ${apartF(onF)} below the setpoint and goes off ${apartF(offF)} below it: ${apartF(Math.max(0, onF - offF))} apart.`,
        fix: `They must be at least ${apartF(LEAST_RECOVERY_F)} apart.${onF < LEAST_RECOVERY_F ? ' Lower the on-point.' : ` Set the off-point ${apartF(mendF)} below setpoint.`}`,
        ...(onF < LEAST_RECOVERY_F
          ? { fixBy: toSet(subject, 'aux-on-point', LEAST_RECOVERY_F, 'Minimum spread to the off-point.') }
          : { fixBy: toSet(subject, 'aux-off-point', mendF, 'Minimum spread to the on-point.') }),
      }),
    ];
  },
};
