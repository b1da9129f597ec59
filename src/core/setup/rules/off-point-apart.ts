import type { Rule } from '../../job/finding';
import { apartF } from '../../units/degrees';
import { LEAST_RECOVERY_F } from '../settings/timing';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const offPointApart: Rule<SetupSubject> = {
  id: 'off-point-apart',
  why: 'A room that has gained too little calls the backup again at once: it cycles, and sequencers and people suffer.',
  check: (subject) => {
    const onF = numberOf(subject, 'aux-on-point');
    const offF = numberOf(subject, 'aux-off-point');
    if (onF === null || offF === null || onF - offF >= LEAST_RECOVERY_F) return [];
    const mendF = Math.max(0, onF - LEAST_RECOVERY_F);
    return [
      about('aux-off-point', {
        severity: 'error',
        what: `Backup comes on ${apartF(onF)} below the setpoint and goes off ${apartF(offF)} below it: ${apartF(Math.max(0, onF - offF))} apart.`,
        mend: `They must be at least ${apartF(LEAST_RECOVERY_F)} apart.${onF < LEAST_RECOVERY_F ? ' Let it come on later.' : ` Let it go off ${apartF(mendF)} below.`}`,
        ...(onF < LEAST_RECOVERY_F
          ? { mendBy: toSet(subject, 'aux-on-point', LEAST_RECOVERY_F, 'Least distance to the off-point.') }
          : { mendBy: toSet(subject, 'aux-off-point', mendF, 'Least distance to the on-point.') }),
      }),
    ];
  },
};
