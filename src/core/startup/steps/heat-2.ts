import { callsOf } from '../../control/moment';
import { returnItem, supplyItem } from '../air-items';
import { measuredCapacity } from '../measured-capacity';
import { motorAmpsItem } from '../motor-amps';
import { recorded } from '../recorded';
import type { StartupStep } from '../step';
import { terminalItems } from '../terminal-items';
import { minOffWait, steadyRunWait } from '../waits';
import { heatingWait } from '../weather-waits';

export const heat2: StartupStep = {
  id: 'heat-2',
  title: 'Heat, second stage',
  why: 'A second stage that never comes on looks like an undersized heat pump, and backup hides it.',
  applies: (facts) => callsOf(facts).includes('heat-2'),
  build: (context) => ({
    cautions: ['moving-blades', 'live-measuring', 'refrigerant'],
    how: [
      'Thermostat: heat, setpoint two or three degrees above the room; wait until it calls the second stage.',
      'Terminals right away; amps and temperatures after 15 minutes in that stage.',
    ],
    call: 'heat-2',
    ...heatingWait(context),
    waits: [minOffWait(context.facts), steadyRunWait(context.facts)],
    capacity: measuredCapacity(context, 'heat-2'),
    items: [
      ...terminalItems(context, 'heat-2', ['outdoor-unit-Y', 'outdoor-unit-Y2', 'air-handler-G', 'air-handler-W1']),
      recorded('stage-min', 'Time to second stage', 'min', 'Set by the thermostat or the board.'),
      motorAmpsItem(context, 'heat-2', 'compressor'),
      returnItem(context.facts, 'heat-2'),
      supplyItem(context, 'heat-2'),
    ],
  }),
};
