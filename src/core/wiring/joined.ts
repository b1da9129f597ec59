import { type Harness, landedConductors, refText } from './harness';

/** Groups of terminals that conductors and jumpers join into one point, whatever contacts do. */
export interface Joined {
  /** Every terminal at the same point as this one, itself among them. */
  readonly with: (node: string) => readonly string[];
  readonly areJoined: (one: string, other: string) => boolean;
}

/** What conductors and jumpers alone join. */
export const joined = (harness: Harness): Joined => {
  const parent = new Map<string, string>();
  const root = (node: string): string => {
    const up = parent.get(node) ?? node;
    return up === node ? node : root(up);
  };
  const links = [...landedConductors(harness).filter(({ colour }) => colour !== null), ...harness.jumpers];
  for (const { from, to } of links) parent.set(root(refText(from)), root(refText(to)));
  const nodes = [
    ...new Set([
      ...links.flatMap(({ from, to }) => [refText(from), refText(to)]),
      ...harness.devices.flatMap(({ id, terminals }) => terminals.map(({ mark }) => `${id}.${mark}`)),
    ]),
  ];
  return {
    with: (node) => nodes.filter((each) => root(each) === root(node)),
    areJoined: (one, other) => root(one) === root(other),
  };
};
