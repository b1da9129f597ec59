import { recorded } from '../recorded';
import type { StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait } from '../waits';

export const outage: StartupStep = {
  id: 'outage',
  title: 'After an outage',
  why: 'Power fails on the coldest night. Find now what will not come back by itself.',
  applies: () => true,
  build: ({ facts }) => ({
    cautions: ['short-cycle', 'moving-blades'],
    how: [
      'In a heat call: indoor and outdoor supply off for a minute, then on.',
      'A thermostat or board may hold everything for up to 15 minutes after power-up: not a fault.',
    ],
    call: 'heat-1',
    waits: [minOffWait(facts)],
    items: [
      tick('comes-back', 'Display, settings and call come back by themselves'),
      recorded(
        'restart-min',
        'Compressor restarts after',
        'min',
        `Minimum off time is ${facts.thermostat.compressorMinOffMin} min; a power-up delay adds to it.`,
      ),
      tick('brown-out', 'A brief dip does not lock it out: thermostat and board keep going, or wait and resume'),
    ],
  }),
};
