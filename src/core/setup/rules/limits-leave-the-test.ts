import type { Rule } from '../../job/finding';
import { TEST_ROOM_F } from '../settings/household';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const limitsLeaveTheTest: Rule<SetupSubject> = {
  id: 'limits-leave-the-test',
  why: 'The startup test calls heat above room temperature and cooling below it; a setpoint limit in the way looks like a fault.',
  check: (subject) => {
    const { heatSetpointF } = subject.facts.house;
    const mostF = numberOf(subject, 'heat-setpoint-most');
    const leastF = numberOf(subject, 'cool-setpoint-least');
    const needF = heatSetpointF + TEST_ROOM_F;
    return [
      ...(mostF !== null && mostF < needF
        ? [
            about('heat-setpoint-most', {
              severity: 'error' as const,
              what: `Heat cannot be set above ${mostF} °F: too low to test a house kept at ${heatSetpointF} °F.`,
              fix: `At least ${needF} °F.`,
              fixBy: toSet(subject, 'heat-setpoint-most', needF, 'To leave room for the startup test.'),
            }),
          ]
        : []),
      ...(leastF !== null && leastF > heatSetpointF + 4
        ? [
            about('cool-setpoint-least', {
              severity: 'warning' as const,
              what: `The cooling cannot be set below ${leastF} °F: in a room at ${heatSetpointF} °F it cannot be tested.`,
              fix: 'Test it before the limit is set, or lower the limit.',
            }),
          ]
        : []),
    ];
  },
};
