import { indoorId, outdoorId } from '../../devices';
import { hotMarks } from '../../devices/thermostat';
import type { Facts } from '../../job/document';
import { type Draft, jumper, lead, run, terminal, together } from './draft';

/** R and C: to the wall, through a float switch where one stands in R, and out to the board. */
export const planPower = (facts: Facts): Draft => {
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  const hot = hotMarks(facts);
  const isFloatInR = facts.system.floatSwitch === 'R';
  const wallHot = isFloatInR ? terminal('float-switch', '2') : terminal(indoors, 'R');
  const toWall: Draft = {
    runs: [
      run('thermostat-cable', terminal('thermostat', hot.cooling), wallHot, 'red', 'hot'),
      ...(facts.thermostat.power === 'C'
        ? [run('thermostat-cable', terminal('thermostat', 'C'), terminal(indoors, 'C'), 'blue', 'common')]
        : []),
    ],
    jumpers:
      hot.cooling === hot.heating
        ? []
        : [jumper('thermostat', hot.cooling, hot.heating, 'One transformer feeds cooling and heating.')],
    notes: facts.thermostat.power === 'C' ? [] : ['Thermostat C stays open: it runs on batteries.'],
  };
  const float: Draft = isFloatInR
    ? {
        adds: ['float-switch'],
        runs: [lead('float-switch', '1', terminal(indoors, 'R'), 'red', 'hot, to the float switch')],
      }
    : {};
  const toYard: Draft =
    outdoors === indoors
      ? {}
      : {
          runs: [
            run('outdoor-cable', terminal(indoors, 'R'), terminal(outdoors, 'R'), 'red', 'hot'),
            run('outdoor-cable', terminal(indoors, 'C'), terminal(outdoors, 'C'), 'blue', 'common'),
          ],
        };
  return together(toWall, float, toYard);
};
