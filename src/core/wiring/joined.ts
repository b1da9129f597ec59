import { groups } from '../circuit/groups';
import { nodeOf } from '../devices/device';
import { type Harness, landedConductors, refText } from './harness';

/** Groups of terminals that conductors and jumpers join into one point, whatever contacts do. */
export interface Joined {
  /** Every terminal at the same point as this one, itself among them. */
  readonly with: (node: string) => readonly string[];
  readonly areJoined: (one: string, other: string) => boolean;
}

/** What conductors, jumpers and factory leads alone join. */
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
