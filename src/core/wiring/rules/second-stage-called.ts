import type { WiringRule } from './subject';

export const secondStageCalled: WiringRule = {
  id: 'second-stage-called',
  why: 'A two-stage compressor that always runs full costs comfort and money; one that never does is short of heat.',
  check: ({ facts }) =>
    facts.outdoorUnit.stages === 'two' && facts.thermostat.compressorOutputs === 1
      ? [
          {
            severity: 'advice',
            what: 'Two stages outdoors, one compressor output on the wall: planned with both stages together.',
            mend: 'A thermostat with Y1 and Y2 uses the first stage alone.',
            page: 'wiring',
            fact: 'thermostat.compressorOutputs',
          },
        ]
      : [],
};
