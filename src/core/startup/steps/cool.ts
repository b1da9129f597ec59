import { staticHow, staticItems } from '../static-item';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';

export const cool: StartupStep = {
  id: 'cool',
  title: 'Cooling: the valve',
  why: 'Wrong way round, the system cools on a heat call, and the backup hides it.',
  applies: () => true,
  build: (context) => ({
    cautions: ['short-cycle', 'moving-blades', 'live-measuring'],
    how: [
      'Thermostat: cool, setpoint well below the room.',
      'In cold weather a minute is enough: hear the valve turn, read the terminals, stop. Charge is not judged here.',
      ...staticHow(context.facts, 'cool-1'),
    ],
    call: 'cool-1',
    waits: [
      {
        id: 'min-off',
        label: 'Compressor minimum off',
        seconds: context.facts.thermostat.compressorMinOffMin * 60,
        why: 'Pressures equalise before a restart.',
      },
    ],
    items: [
      ...terminalItems(context, 'cool-1', ['outdoor-unit-Y', 'outdoor-unit-valve', 'air-handler-G', 'air-handler-W1']),
      ...staticItems(context, 'cool-1'),
    ],
  }),
};
