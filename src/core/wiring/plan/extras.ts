import { backupOutputs } from '../../control/outputs';
import { indoorId, outdoorId } from '../../devices';
import type { Facts } from '../../job/document';
import { type Draft, lead, run, terminal, together } from './draft';

const SENSOR_COLORS = { S1: 'pink', S2: 'grey' } as const;

const sensor = (facts: Facts): Draft => {
  if (facts.thermostat.outdoorSensor !== 'wired') return {};
  const indoors = indoorId(facts);
  const isOneCabinet = indoors === outdoorId(facts);
  if (facts.cables.sensorRun === 'own')
    return {
      notes: [
        'The sensor has its own shielded pair, spliced or continuous, that lands on no board. Ground the shield at one end only, as the thermostat manufacturer specifies.',
      ],
      adds: ['outdoor-sensor'],
      runs: (['S1', 'S2'] as const).flatMap((mark) => [
        lead('thermostat', mark, terminal(indoors, mark), SENSOR_COLORS[mark], 'outdoor sensor'),
        lead('outdoor-sensor', mark, terminal(indoors, mark), SENSOR_COLORS[mark], 'outdoor sensor'),
      ]),
    };
  return {
    ...(isOneCabinet
      ? {
          notes: [
            'The sensor goes to the thermostat. The unit’s own sensor terminals may be for something else; its label governs.',
          ],
        }
      : {}),
    adds: ['outdoor-sensor'],
    runs: (['S1', 'S2'] as const).flatMap((mark) => [
      run(
        'thermostat-cable',
        terminal('thermostat', mark),
        terminal(indoors, mark),
        SENSOR_COLORS[mark],
        'outdoor sensor',
      ),
      isOneCabinet
        ? lead('outdoor-sensor', mark, terminal(indoors, mark), SENSOR_COLORS[mark], 'outdoor sensor')
        : run(
            'outdoor-cable',
            terminal(indoors, mark),
            terminal('outdoor-sensor', mark),
            SENSOR_COLORS[mark],
            'outdoor sensor',
          ),
    ]),
  };
};

const lamp = (facts: Facts): Draft => {
  const { faultLamp } = backupOutputs(facts);
  const hasOutput = facts.outdoorUnit.faultOutput === 'lamp' && facts.system.cabinet === 'split';
  if (!faultLamp) return hasOutput ? { notes: ['Outdoor L stays open: the thermostat has no lamp terminal.'] } : {};
  if (!hasOutput) return { notes: [`Thermostat ${faultLamp} stays open: the outdoor board has no lamp output.`] };
  const indoors = indoorId(facts);
  return {
    runs: [
      run('thermostat-cable', terminal('thermostat', faultLamp), terminal(indoors, 'L'), 'black', 'fault lamp'),
      run('outdoor-cable', terminal(indoors, 'L'), terminal('outdoor-unit', 'L'), 'black', 'fault lamp'),
    ],
  };
};

/** Outdoor sensor and fault lamp. */
export const planExtras = (facts: Facts): Draft => together(sensor(facts), lamp(facts));
