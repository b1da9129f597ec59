import type { Device, DeviceId } from '../../devices/device';
import { type Harness, landedConductors, refText } from '../harness';

/** Main devices side by side on shared rows, from thermostat to outdoor unit. */
export const mainDevices = ({ devices }: Harness): readonly Device[] =>
  devices.filter(
    ({ id }) =>
      id === 'thermostat' ||
      id === 'air-handler' ||
      id === 'furnace' ||
      id === 'fan-center' ||
      id === 'packaged-unit' ||
      id === 'outdoor-unit',
  );

/** Column of a device: thermostat, indoor, outdoor. A packaged unit takes the middle one. */
export const columnOf = ({ id, spot }: Device): 0 | 1 | 2 =>
  id === 'packaged-unit' ? 1 : spot === 'wall' ? 0 : spot === 'indoors' ? 1 : 2;

interface Row {
  readonly nodes: Map<DeviceId, string>;
  rank: number;
}

/** Terminals in reading order of a terminal strip. */
const RANKS = [
  'R',
  'Rc',
  'Rh',
  'C',
  'Y',
  'Y1',
  'Y2',
  'O/B',
  'O',
  'B',
  'G',
  'AUX',
  'AUX1',
  'W-in',
  'W1',
  'W-out',
  'AUX2',
  'W2',
  'W3',
  'E',
  'X',
  'PS1',
  'PS2',
  'T1',
  'T2',
  'L',
  'S1',
  'S2',
];
const rankOf = (mark: string) => (RANKS.includes(mark) ? RANKS.indexOf(mark) : RANKS.length);

/** Terminal pairs joined by a planned conductor, directly or through a zone board. */
const joinedPairs = (planned: Harness): readonly (readonly [string, string])[] => {
  const byBoard = new Map<string, string[]>();
  const pairs = landedConductors(planned).map(({ from, to }): [string, string] => [refText(from), refText(to)]);
  for (const pair of pairs) {
    const screw = pair.find((node) => node.startsWith('zone-board.'))?.replace(/ out$/, '');
    if (screw) byBoard.set(screw, [...(byBoard.get(screw) ?? []), pair[pair[0].startsWith('zone-board.') ? 1 : 0]]);
  }
  return [
    ...pairs,
    ...[...byBoard.values()].flatMap(([one, other]): [string, string][] => (one && other ? [[one, other]] : [])),
  ];
};

/**
 * Assigns every terminal of the main devices a row, so that planned conductors run straight where possible.
 * @returns row number by `device.mark`
 */
export const sharedRows = (planned: Harness): ReadonlyMap<string, number> => {
  const rowOf = new Map<string, Row>();
  for (const device of mainDevices(planned))
    for (const { mark } of device.terminals)
      rowOf.set(`${device.id}.${mark}`, { nodes: new Map([[device.id, `${device.id}.${mark}`]]), rank: rankOf(mark) });
  for (const [from, to] of joinedPairs(planned)) {
    const one = rowOf.get(from);
    const other = rowOf.get(to);
    if (!one || !other || one === other || [...one.nodes.keys()].some((device) => other.nodes.has(device))) continue;
    for (const [device, node] of other.nodes) {
      one.nodes.set(device, node);
      rowOf.set(node, one);
    }
    one.rank = Math.min(one.rank, other.rank);
  }
  const order = [...new Set(rowOf.values())].sort((a, b) => a.rank - b.rank);
  return new Map([...rowOf].map(([node, row]) => [node, order.indexOf(row)]));
};
