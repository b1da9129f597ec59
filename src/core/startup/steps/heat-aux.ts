import { control } from '../../control/thermostat';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { apartF } from '../../units/degrees';
import { returnItem, supplyItem } from '../air-items';
import { staticHow, staticItems } from '../static-item';
import { type StartupStep, stepMoment } from '../step';
import { stripAmpsItems } from '../strip-amps';
import { sequencerWait, stripVoltsItem } from '../strip-volts';
import { terminalItems } from '../terminal-items';
import { testHot } from '../test-hot';
import { tick } from '../tick';
import { auxiliaryWait } from '../weather-waits';

/** Two ways to see strips run while a lockout holds them. */
const warmDay = (facts: Facts) => [
  `By jumper: thermostat off, ${testHot(facts)} to W at the board’s terminal strip; the blower must come on with it. It proves the kit, and not the thermostat and its wire.`,
  'By the owner’s setting: the lockout lifted for the test, then put back. It proves thermostat and wire as well.',
  'Emergency heat passes no lockout: the kit itself is proved there.',
];

export const heatAux: StartupStep = {
  id: 'heat-aux',
  title: 'Heat with auxiliary',
  why: 'Auxiliary shown on the wall is a call, not proof that strips run. The clamp is.',
  applies: (facts) => kitRows(facts).length > 0,
  build: (context) => {
    const { facts } = context;
    const { held } = control(facts, stepMoment(context, 'heat-aux'));
    const wait = auxiliaryWait(context);
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air', 'never-defeat'],
      how: [
        `Thermostat: heat, setpoint ${apartF(5)} or more above the room.`,
        'Clamp one conductor of the kit’s feed and say where; volts at the kit’s breaker at the same time.',
        ...held.map(({ why }) => why),
        ...(wait.waitsFor ? warmDay(facts) : []),
        ...staticHow(facts, 'heat-aux'),
      ],
      call: 'heat-aux',
      ...wait,
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
        ...(wait.waitsFor
          ? [
              tick('by-jumper', 'Strips seen in the clamp by jumper, R to W at the board; jumper out'),
              tick('put-back', 'Or by the owner’s setting: lockout lifted for the test is put back'),
            ]
          : []),
      ],
    };
  },
};
