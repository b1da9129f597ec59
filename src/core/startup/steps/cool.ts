import { staticHow, staticItems } from '../static-item';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';
import { tick } from '../tick';
import { minOffWait } from '../waits';

export const cool: StartupStep = {
  id: 'cool',
  title: 'Reversing valve, in cooling',
  why: 'Set backward, the system cools on a heat call and backup hides it.',
  applies: () => true,
  build: (context) => ({
    cautions: ['short-cycle', 'moving-blades', 'live-measuring'],
    how: [
      'Thermostat: cool, setpoint well below the room.',
      'In cold weather one minute is enough: hear the valve shift, feel the vapor line, read the terminals, stop.',
      ...staticHow(context.facts, 'cool-1'),
    ],
    call: 'cool-1',
    waits: [minOffWait(context.facts)],
    items: [
      ...terminalItems(context, 'cool-1', ['outdoor-unit-Y', 'outdoor-unit-valve', 'air-handler-G', 'air-handler-W1']),
      tick('valve', 'Valve proved: vapor line cold, air cold'),
      ...staticItems(context, 'cool-1'),
    ],
  }),
};
