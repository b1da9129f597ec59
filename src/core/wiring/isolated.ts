import { groups } from '../circuit/groups';
import type { Network, NodeName } from '../circuit/network';
import { sourcesOf } from '../circuit/network';

/**
 * Whether two points are on separate supplies that nothing connects, whatever contacts do: a meter between them shows
 * nothing meaningful.
 */
export const areIsolated = (network: Network, one: NodeName, other: NodeName): boolean => {
  const sources = sourcesOf(network);
  if (sources.length < 2) return false;
  const root = groups([
    ...network.edges.map(({ a, b }) => [a, b] as const),
    ...sources.map(({ plus, minus }) => [plus, minus] as const),
  ]);
  const isFed = (node: NodeName) => sources.some(({ plus }) => root(plus) === root(node));
  return isFed(one) && isFed(other) && root(one) !== root(other);
};
