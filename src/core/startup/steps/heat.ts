import { control } from '../../control/thermostat';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import { roundTo } from '../../units/round';
import { returnItem, supplyItem } from '../air-items';
import { expectUpTo } from '../expect';
import { staticHow, staticItems } from '../static-item';
import { type Item, type StartupStep, stepMoment } from '../step';
import { terminalItems } from '../terminal-items';

/** Least share of the plate's amps that a running motor takes. Our judgement. */
const IDLE_SHARE = 0.3;

const ratedAmps = (
  id: 'compressor-amps' | 'fan-amps',
  label: string,
  rated: number | null,
  fact: 'outdoorUnit.compressorRatedAmps' | 'outdoorUnit.fanRatedAmps',
): Item => ({
  id,
  of: { call: 'heat-1', observable: { kind: 'motor-amps', of: id === 'fan-amps' ? 'fan' : 'compressor' } },
  label,
  unit: 'A',
  expect: () =>
    rated === null
      ? { kind: 'needs', what: 'the plate’s amps, on the Sheet', fact }
      : expectUpTo(rated, 'A', `Plate: ${rated} A`, roundTo(rated * IDLE_SHARE, 1)),
  explain: (value, grade) => {
    if (rated === null || grade === 'pass' || typeof value !== 'number') return null;
    if (value < rated * 0.05)
      return {
        means: 'It does not run.',
        next: 'Contactor in? Line volts on its load side? Capacitor, then windings, power off.',
      };
    return value > rated
      ? { means: 'More than the plate.', next: 'Supply volts under load, capacitor, coil and fan clean.' }
      : {
          means: 'Less than a loaded motor takes.',
          next: 'Is one conductor alone in the clamp? Then charge and valve, by licensed people.',
        };
  },
});

/** How the thermostat is set so that nothing but the heat pump heats. */
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
  why: 'Everything else is backup to this.',
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
            'Terminals at once; amps and temperatures after a quarter hour.',
            ...staticHow(facts, 'heat-1'),
          ]
        : [
            `At ${moment.outdoorF} °F out the compressor is locked out: come back when it is warmer, or lift the lockout for the test and put it back.`,
          ],
      call: 'heat-1',
      waits: [
        {
          id: 'min-off',
          label: 'Compressor minimum off',
          seconds: facts.thermostat.compressorMinOffMin * 60,
          why: 'From power-up or the last stop, before Y may start the compressor.',
        },
        {
          id: 'steady',
          label: 'Steady run',
          seconds: 900,
          why: 'Temperatures and amps mean something after a quarter hour.',
        },
      ],
      items: [
        ...terminalItems(context, 'heat-1', [
          'outdoor-unit-Y',
          'outdoor-unit-valve',
          'air-handler-G',
          'air-handler-W1',
        ]),
        ratedAmps(
          'compressor-amps',
          'Compressor',
          facts.outdoorUnit.compressorRatedAmps,
          'outdoorUnit.compressorRatedAmps',
        ),
        ratedAmps('fan-amps', 'Outdoor fan', facts.outdoorUnit.fanRatedAmps, 'outdoorUnit.fanRatedAmps'),
        returnItem(facts, 'heat-1'),
        supplyItem(context, 'heat-1'),
        ...staticItems(context, 'heat-1'),
      ],
    };
  },
};
