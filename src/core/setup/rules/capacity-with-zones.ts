import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const capacityWithZones: Rule<SetupSubject> = {
  id: 'capacity-with-zones',
  why: 'It learns from how long calls last. With zones the calls change with the dampers, and it learns a house that is not there.',
  check: (subject) =>
    subject.facts.boxes.zoneBoard && valueOf(subject, 'adaptive-capacity') === 'on'
      ? [
          about('adaptive-capacity', {
            severity: 'warning',
            what: 'Adaptive capacity is on, and the house has zones.',
            fix: 'Turn it off, unless the manufacturer’s instructions allow it with zones.',
            fixBy: toSet(subject, 'adaptive-capacity', 'off', 'The house has zones.'),
          }),
        ]
      : [],
};
