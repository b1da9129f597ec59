import { type Network, type NodeName, nodesOf } from './network';

/**
 * Gives each node its index among the electrically distinct ones: ends of a wire without resistance are one node. The
 * reference is 0.
 */
export const mergeNodes = (network: Network): { index: ReadonlyMap<NodeName, number>; count: number } => {
  const parent = new Map<NodeName, NodeName>();
  const root = (node: NodeName): NodeName => {
    const up = parent.get(node);
    return up === undefined || up === node ? node : root(up);
  };
  const nodes = nodesOf(network);
  for (const edge of network.edges) {
    if (edge.kind !== 'switch' && edge.ohms === 0) parent.set(root(edge.a), root(edge.b));
  }
  const ofRoot = new Map<NodeName, number>();
  const index = new Map<NodeName, number>();
  for (const node of nodes) {
    const top = root(node);
    const at = ofRoot.get(top) ?? ofRoot.size;
    ofRoot.set(top, at);
    index.set(node, at);
  }
  return { index, count: ofRoot.size };
};
