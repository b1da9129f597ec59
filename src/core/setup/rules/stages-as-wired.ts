import type { Rule } from '../../job/finding';
import { about, type SetupSubject, toSet, valueOf } from './subject';

export const stagesAsWired: Rule<SetupSubject> = {
  id: 'stages-as-wired',
  why: 'A stage that is called but not wired does nothing; one that is wired but not called never comes on.',
  check: (subject) => {
    const { compressorOutputs } = subject.facts.thermostat;
    return valueOf(subject, 'compressor-stages') === 2 &&
      (compressorOutputs === 1 || subject.facts.outdoorUnit.stages !== 'two')
      ? [
          about('compressor-stages', {
            severity: 'error',
            what: `Two compressor stages are set; ${compressorOutputs === 1 ? 'the thermostat has one output' : 'the outdoor unit has one stage on 24 V'}.`,
            fix: 'Set one stage, or wire Y2 to a unit that has two.',
            fixBy: toSet(subject, 'compressor-stages', 1, ''),
          }),
        ]
      : [];
  },
};
