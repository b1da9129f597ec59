import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf, words } from './subject';

export const roomSensorFitted: Rule<SetupSubject> = {
  id: 'room-sensor-fitted',
  why: 'A thermostat set to a missing sensor shows no room temperature and does nothing.',
  check: (subject) =>
    subject.facts.talk.roomSensor === 'none' && valueOf(subject, 'sensing-place') !== 'here'
      ? [
          about('sensing-place', {
            severity: 'warning',
            what: `The room is sensed ${words(subject, 'sensing-place').toLowerCase()}, and no sensor in another room is on record.`,
            fix: 'Record the sensor under Talk, or set the thermostat to use its own.',
            fixBy: toSet(subject, 'sensing-place', 'here', ''),
          }),
        ]
      : [],
};
