import { callsOf } from '../../control/moment';
import type { Facts } from '../../job/document';
import { recorded } from '../recorded';
import type { StartupStep } from '../step';
import { tick } from '../tick';
import { minOffWait, steadyRunWait } from '../waits';

/** Whether the unit brings its second stage, or its speed, by itself. */
const stagesItself = (facts: Facts) => facts.outdoorUnit.stages !== 'single' && !callsOf(facts).includes('heat-2');

export const ownStages: StartupStep = {
  id: 'own-stages',
  title: 'Stages by the unit itself',
  why: 'One Y calls it; its own logic brings the second stage or the speed. That is proved by watching it.',
  applies: stagesItself,
  build: ({ facts }) => ({
    cautions: ['moving-blades', 'live-measuring'],
    how:
      facts.outdoorUnit.stages === 'inverter'
        ? [
            'It starts slowly and climbs for minutes: the first amps say nothing.',
            'Some hold the indoor blower until the coil is warm, some only on data, not on 24 V: the manual says which.',
          ]
        : ['Heat with the setpoint well above the room; wait for the second stage: sound, amps, or the board’s lamp.'],
    call: 'heat-1',
    waits: [minOffWait(facts), steadyRunWait(facts)],
    items: [
      recorded(
        'stage-min',
        facts.outdoorUnit.stages === 'inverter' ? 'At full speed after' : 'Second stage came after',
        'min',
        'As the manual says.',
      ),
      recorded('blower-delay', 'Blower came after the compressor by', 's', 'Where it waits for a warm coil.'),
      tick('falls-back', 'It falls back as the room nears the setpoint'),
    ],
  }),
};
