import type { WiringRule } from './subject';

export const secondStageCalled: WiringRule = {
  id: 'second-stage-called',
  why: 'A two-stage compressor that always runs full costs comfort and money; one that never reaches second stage falls short on heat.',
  check: ({ facts }) =>
    facts.outdoorUnit.stages === 'two' && facts.thermostat.compressorOutputs === 1
      ? [
          {
            severity: 'advice',
            what: 'Two-stage outdoor unit, one compressor output on the thermostat: planned with both stages together.',
            fix: 'A thermostat with Y1 and Y2 can run first stage alone.',
            page: 'wiring',
            fact: 'thermostat.compressorOutputs',
          },
        ]
      : [],
};
