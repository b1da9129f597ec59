import { CLOSED_CONTACT_OHMS, NODE_LEAK_OHMS } from '../units/constants';
import { type Network, nodesOf, sourcesOf } from './network';

/**
 * Writes a network as a SPICE netlist with an operating-point analysis. Node 0 is the source's minus; comments give the
 * names. Open switches are omitted, as in the solver.
 * @param title first line of the netlist
 */
export const toSpice = (network: Network, title: string): string => {
  const { edges } = network;
  const number = new Map(nodesOf(network).map((node, at) => [node, at === 0 ? '0' : `n${at}`]));
  const name = (node: string) => number.get(node)!;
  const lines = [`* ${title.replace(/[\r\n]+/g, ' ')}`];
  for (const [node, at] of number) lines.push(`* node ${at} = ${node}`);
  sourcesOf(network).forEach((source, at) =>
    lines.push(
      `Vsource${at} source${at} ${name(source.minus)} DC ${source.volts}`,
      `Rsource${at} source${at} ${name(source.plus)} ${source.ohms || 1e-9}`,
    ),
  );
  edges.forEach((edge, at) => {
    const ends = `${name(edge.a)} ${name(edge.b)}`;
    const note = edge.id === undefined ? edge.kind : `${edge.kind} ${edge.id}`;
    if (edge.kind === 'switch') {
      if (edge.closed) lines.push(`Rs${at} ${ends} ${CLOSED_CONTACT_OHMS} ; ${note}`);
    } else lines.push(`R${edge.kind[0]}${at} ${ends} ${edge.ohms === 0 ? 1e-9 : edge.ohms} ; ${note}`);
  });
  for (const [node, at] of number) if (at !== '0') lines.push(`Rleak${at} ${at} 0 ${NODE_LEAK_OHMS} ; leak of ${node}`);
  lines.push('.op', '.end', '');
  return lines.join('\n');
};
