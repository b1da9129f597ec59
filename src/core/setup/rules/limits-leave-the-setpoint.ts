import type { Rule } from '../../job/finding';
import { about, numberOf, type SetupSubject } from './subject';

export const limitsLeaveTheSetpoint: Rule<SetupSubject> = {
  id: 'limits-leave-the-setpoint',
  why: 'A schedule cannot call for more than the limit allows.',
  check: (subject) => {
    const mostF = numberOf(subject, 'heat-setpoint-most');
    const { heatSetpointF } = subject.facts.house;
    return mostF !== null && mostF < heatSetpointF
      ? [
          about('heat-setpoint-most', {
            severity: 'error',
            what: `The limit of ${mostF} °F is below the usual setpoint of ${heatSetpointF} °F.`,
            fix: 'Raise the limit, or check with the household again.',
          }),
        ]
      : [];
  },
};
