import { staticHow, staticItems } from '../static-item';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';

export const fan: StartupStep = {
  id: 'fan',
  title: 'Fan',
  why: 'Strips and coil live on this air.',
  applies: () => true,
  build: (context) => ({
    cautions: ['moving-blades', 'live-measuring'],
    how: ['Thermostat: system off, fan on.', ...staticHow(context.facts, 'fan')],
    call: 'fan',
    waits: [],
    items: [
      ...terminalItems(context, 'fan', ['air-handler-G', 'air-handler-W1', 'outdoor-unit-Y']),
      ...staticItems(context, 'fan'),
    ],
  }),
};
