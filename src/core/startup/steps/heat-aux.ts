import { control } from '../../control/thermostat';
import { kitRows } from '../../job/kit-rows';
import { apartF } from '../../units/degrees';
import { returnItem, supplyItem } from '../air-items';
import { staticHow, staticItems } from '../static-item';
import { type StartupStep, stepMoment } from '../step';
import { stripAmpsItems } from '../strip-amps';
import { sequencerWait, stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';

export const heatAux: StartupStep = {
  id: 'heat-aux',
  title: 'Heat with auxiliary',
  why: 'Auxiliary shown on the wall is a call, not proof that strips run. The clamp is.',
  applies: (facts) => kitRows(facts).length > 0,
  build: (context) => {
    const { facts } = context;
    const { held } = control(facts, stepMoment(context, 'heat-aux'));
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air', 'never-defeat'],
      how: [
        `Thermostat: heat, setpoint ${apartF(5)} or more above the room.`,
        'Clamp one conductor of the kit’s feed and say where; volts at the kit’s breaker at the same time.',
        ...held.map(({ why }) => why),
        ...staticHow(facts, 'heat-aux'),
      ],
      call: 'heat-aux',
      waits: [sequencerWait(facts)],
      items: [
        ...terminalItems(context, 'heat-aux', [
          'air-handler-W1',
          'air-handler-W2',
          'air-handler-W3',
          'outdoor-unit-Y',
          'outdoor-unit-W',
        ]),
        stripVoltsItem(facts),
        ...stripAmpsItems(context, 'heat-aux'),
        returnItem(facts, 'heat-aux'),
        supplyItem(context, 'heat-aux'),
        ...staticItems(context, 'heat-aux'),
      ],
    };
  },
};
