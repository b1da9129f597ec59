import type { Rule } from '../../job/finding';
import { TEST_ROOM_F } from '../settings/household';
import { about, numberOf, type SetupSubject, toSet } from './subject';

export const testLimitsAllowCheck: Rule<SetupSubject> = {
  id: 'test-reaches',
  why: 'A test that quits on its own in a warm room looks like a fault.',
  check: (subject) => {
    const { heatSetpointF } = subject.facts.house;
    const mostF = numberOf(subject, 'test-heat-most');
    const leastF = numberOf(subject, 'test-cool-least');
    const needF = heatSetpointF + TEST_ROOM_F;
    return [
      ...(mostF !== null && mostF < needF
        ? [
            about('test-heat-most', {
              severity: 'warning' as const,
              what: `The heat test stops at ${mostF} °F in a house kept at ${heatSetpointF} °F.`,
              fix: `At least ${needF} °F.`,
              fixBy: toSet(subject, 'test-heat-most', needF, 'To leave room for the startup test.'),
            }),
          ]
        : []),
      ...(leastF !== null && leastF > heatSetpointF - 2
        ? [
            about('test-cool-least', {
              severity: 'warning' as const,
              what: `The cooling test stops at ${leastF} °F in a house kept at ${heatSetpointF} °F.`,
              fix: `At most ${heatSetpointF - TEST_ROOM_F} °F.`,
              fixBy: toSet(
                subject,
                'test-cool-least',
                heatSetpointF - TEST_ROOM_F,
                'To leave room for the startup test.',
              ),
            }),
          ]
        : []),
    ];
  },
};
