import { groups } from './groups';
import { type Network, type NodeName, nodesOf } from './network';

/**
 * Index of each node among electrically distinct nodes: the two ends of a zero-ohm wire are one node. The reference is
 * 0.
 */
export const mergeNodes = (network: Network): { index: ReadonlyMap<NodeName, number>; count: number } => {
  const root = groups(
    network.edges.flatMap((edge) => (edge.kind !== 'switch' && edge.ohms === 0 ? [[edge.a, edge.b] as const] : [])),
  );
  const ofRoot = new Map<NodeName, number>();
  const index = new Map<NodeName, number>();
  for (const node of nodesOf(network)) {
    const top = root(node);
    const at = ofRoot.get(top) ?? ofRoot.size;
    ofRoot.set(top, at);
    index.set(node, at);
  }
  return { index, count: ofRoot.size };
};
