import { callsOf } from '../../control/moment';
import type { Facts } from '../../job/document';
import { recorded } from '../recorded';
import type { StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait, steadyRunWait } from '../waits';

/** Whether the unit controls its second stage, or its speed, by itself. */
const stagesItself = (facts: Facts) => facts.outdoorUnit.stages !== 'single' && !callsOf(facts).includes('heat-2');

export const ownStages: StartupStep = {
  id: 'own-stages',
  title: 'Self-staging unit',
  why: 'One Y calls it; its own logic sets second stage or speed. Prove it by watching.',
  applies: stagesItself,
  build: ({ facts }) => ({
    cautions: ['moving-blades', 'live-measuring'],
    how:
      facts.outdoorUnit.stages === 'inverter'
        ? [
            'It starts slow and ramps for minutes: ignore the first amp readings.',
            'Some delay the indoor blower until the coil is warm, some only when communicating: check the manual.',
          ]
        : ['Heat with setpoint well above room; wait for second stage: sound, amps or the board LED.'],
    call: 'heat-1',
    waits: [minOffWait(facts), steadyRunWait(facts)],
    items: [
      recorded(
        'stage-min',
        facts.outdoorUnit.stages === 'inverter' ? 'Time to full speed' : 'Time to second stage',
        'min',
        'Per the manual.',
      ),
      recorded('blower-delay', 'Blower delay after compressor start', 's', 'If it waits for a warm coil.'),
      tick('falls-back', 'It slows as the room nears setpoint'),
    ],
  }),
};
