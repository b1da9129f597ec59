import { recorded } from '../recorded';
import type { StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait } from '../waits';

export const outage: StartupStep = {
  id: 'outage',
  title: 'After an outage',
  why: 'Power fails on the coldest night. What does not come back by itself then is found now.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: ['short-cycle', 'moving-blades'],
    how: [
      'In a heat call: indoor and outdoor supply off for a minute, then on.',
      'A thermostat or board may hold everything for up to a quarter hour after power-up: not a fault.',
    ],
    call: 'heat-1',
    waits: [minOffWait(facts)],
    items: [
      tick('comes-back', 'Display, settings and call come back by themselves'),
      recorded(
        'restart-min',
        'Compressor runs again after',
        'min',
        `Minimum off is ${facts.thermostat.compressorMinOffMin} min; a power-up hold comes on top.`,
      ),
      tick('brown-out', 'A dip does not lock it out: thermostat and board go on, or wait and go on'),
    ],
  }),
};
