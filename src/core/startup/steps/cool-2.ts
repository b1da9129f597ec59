import { callsOf } from '../../control/moment';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';
import { tick } from '../tick';
import { minOffWait } from '../waits';

export const cool2: StartupStep = {
  id: 'cool-2',
  title: 'Cooling, second stage',
  why: 'Read it in the same season as first stage; in cold weather run one minute and read the terminals only.',
  applies: (facts) => callsOf(facts).includes('cool-2'),
  build: (context) => ({
    cautions: ['short-cycle', 'moving-blades', 'live-measuring'],
    how: ['Thermostat: cool, setpoint well below the room; wait until it calls the second stage.'],
    call: 'cool-2',
    waits: [minOffWait(context.facts)],
    items: [
      ...terminalItems(context, 'cool-2', ['outdoor-unit-Y', 'outdoor-unit-Y2', 'outdoor-unit-valve', 'air-handler-G']),
      tick('stages', 'Second stage heard or seen coming on'),
    ],
  }),
};
