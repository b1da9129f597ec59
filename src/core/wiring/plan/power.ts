import { indoorId, outdoorId } from '../../devices';
import { DEVICE_LABELS, type DeviceId } from '../../devices/device';
import { hotMarks } from '../../devices/thermostat';
import type { Facts } from '../../job/document';
import { type Draft, jumper, lead, run, terminal, together } from './draft';

/** Devices in R between board and thermostat, in order. */
const switchesInR = ({ system, boxes }: Facts): readonly DeviceId[] => [
  ...(system.floatSwitch === 'R' ? (['float-switch'] as const) : []),
  ...(boxes.humidifier === 'everything' ? (['wet-switch'] as const) : []),
];

/** R and C: to the thermostat through the devices in R, and to the outdoor board. */
export const planPower = (facts: Facts): Draft => {
  const indoors = indoorId(facts);
  const outdoors = outdoorId(facts);
  const hot = hotMarks(facts);
  const inR = switchesInR(facts);
  const last = inR.at(-1);
  const wallHot = last ? terminal(last, '2') : terminal(indoors, 'R');
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
  const switches: Draft = {
    adds: inR,
    runs: inR.map((device, at) =>
      lead(
        device,
        '1',
        at === 0 ? terminal(indoors, 'R') : terminal(inR[at - 1]!, '2'),
        'red',
        `hot, to the ${DEVICE_LABELS[device].toLowerCase()}`,
      ),
    ),
  };
  const toYard: Draft =
    outdoors === indoors
      ? {}
      : {
          runs: [
            run('outdoor-cable', terminal(indoors, 'R'), terminal(outdoors, 'R'), 'red', 'hot'),
            run('outdoor-cable', terminal(indoors, 'C'), terminal(outdoors, 'C'), 'blue', 'common'),
          ],
        };
  return together(toWall, switches, toYard);
};
