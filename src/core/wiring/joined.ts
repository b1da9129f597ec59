import { groups } from '../circuit/groups';
import { nodeOf } from '../devices/device';
import { type Harness, landedConductors, refText } from './harness';

/** Groups of terminals joined by conductors and jumpers, independent of contacts. */
export interface Joined {
  /** Every terminal at the same point, including this one. */
  readonly with: (node: string) => readonly string[];
  readonly areJoined: (one: string, other: string) => boolean;
}

/** Groups joined by conductors, jumpers and factory leads only. */
export const joined = (harness: Harness): Joined => {
  const links = [
    ...[...landedConductors(harness).filter(({ colour }) => colour !== null), ...harness.jumpers].map(
      ({ from, to }) => [refText(from), refText(to)] as const,
    ),
    ...harness.devices.flatMap(({ id, factoryLeads }) =>
      factoryLeads.map(({ from, to }) => [nodeOf(id, from), nodeOf(id, to)] as const),
    ),
  ];
  const root = groups(links);
  const terminals = harness.devices.flatMap(({ id, terminals: all }) => all.map(({ mark }) => `${id}.${mark}`));
  const nodes = [...new Set([...links.flat(), ...terminals])];
  return {
    with: (node) => nodes.filter((each) => root(each) === root(node)),
    areJoined: (one, other) => root(one) === root(other),
  };
};
