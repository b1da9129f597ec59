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

/** Two ways to see strips run despite a lockout. */
const warmDay = (facts: Facts) => [
  `By jumper: thermostat off, ${testHot(facts)} to W at the board’s terminal strip; the blower must come on. Tests the kit, not the thermostat or its wire.`,
  'By setting: remove the lockout for the test, then put it back. Tests the thermostat and wire too.',
  'Emergency heat bypasses every lockout, so test the kit there.',
];

export const heatAux: StartupStep = {
  id: 'heat-aux',
  title: 'Heat with auxiliary',
  why: 'AUX on the thermostat display is a call, not proof that strips are on. The clamp is.',
  applies: (facts) => kitRows(facts).length > 0,
  build: (context) => {
    const { facts } = context;
    const { lockedOut } = control(facts, stepMoment(context, 'heat-aux'));
    const wait = auxiliaryWait(context);
    return {
      cautions: ['live-measuring', 'one-leg-live', 'strips-need-air', 'never-defeat'],
      how: [
        `Thermostat: heat, setpoint ${apartF(5)} or more above the room.`,
        'Clamp one conductor of the kit feed and enter where. Read volts at the kit breaker at the same time.',
        ...lockedOut.map(({ why }) => why),
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
              tick('by-jumper', 'Strip amps seen with R–W jumpered at the board; jumper removed'),
              tick('put-back', 'Or by setting: lockout removed for the test is back'),
            ]
          : []),
      ],
    };
  },
};
