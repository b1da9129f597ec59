import { control } from '../../control/thermostat';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { returnItem, supplyItem } from '../air-items';
import { measuredCapacity } from '../measured-capacity';
import { motorAmpsItem } from '../motor-amps';
import { staticHow, staticItems } from '../static-item';
import { type StartupStep, stepMoment } from '../step';
import { terminalItems } from '../terminal-items';
import { minOffWait, steadyRunWait } from '../waits';
import { heatingWait } from '../weather-waits';

/** Thermostat setting for heat pump only. */
const aloneWords = (facts: Facts): string => {
  if (backupOf(facts) === 'fossil')
    return 'Thermostat: heat, setpoint just above the room, so that the furnace is not called.';
  return kitRows(facts).length > 0
    ? 'Thermostat: heat, setpoint just above the room, so that the strips are not called.'
    : 'Thermostat: heat, setpoint above the room.';
};

export const heat: StartupStep = {
  id: 'heat',
  title: 'Heat pump alone',
  why: 'Everything else backs this up.',
  applies: () => true,
  build: (context) => {
    const { facts } = context;
    const moment = stepMoment(context, 'heat-1');
    const runs = control(facts, moment).signals.has('Y');
    return {
      cautions: ['moving-blades', 'live-measuring', 'refrigerant'],
      how: runs
        ? [
            aloneWords(facts),
            'Read terminals right away; amps and temperatures after 15 minutes.',
            ...staticHow(facts, 'heat-1'),
          ]
        : [
            `At ${moment.outdoorF} °F outside the compressor is locked out. Come back when it is warmer, or remove the lockout for the test and put it back.`,
          ],
      call: 'heat-1',
      ...heatingWait(context),
      waits: [minOffWait(facts), steadyRunWait(facts)],
      capacity: measuredCapacity(context, 'heat-1'),
      items: [
        ...terminalItems(context, 'heat-1', [
          'outdoor-unit-Y',
          'outdoor-unit-valve',
          'air-handler-G',
          'air-handler-W1',
        ]),
        motorAmpsItem(context, 'heat-1', 'compressor'),
        motorAmpsItem(context, 'heat-1', 'fan'),
        returnItem(facts, 'heat-1'),
        supplyItem(context, 'heat-1'),
        ...staticItems(context, 'heat-1'),
      ],
    };
  },
};
