import fc from 'fast-check';
import { readVolts } from './meter';
import type { Edge, Network } from './network';
import { type Relay, settle } from './settle';
import { solve } from './solve';
import { toSpice } from './spice';

const source = { volts: 26.6, ohms: 1.5, plus: 'R', minus: 'C' };
const names = ['R', 'C', 'Y', 'G', 'O', 'W', 'x', 'y'];

const edge: fc.Arbitrary<Edge> = fc.oneof(
  fc.record({
    kind: fc.constantFrom('wire' as const, 'load' as const),
    a: fc.constantFrom(...names),
    b: fc.constantFrom(...names),
    ohms: fc.double({ min: 0.05, max: 500, noNaN: true }),
  }),
  fc.record({
    kind: fc.constant('switch' as const),
    a: fc.constantFrom(...names),
    b: fc.constantFrom(...names),
    closed: fc.boolean(),
  }),
);
const network: fc.Arbitrary<Network> = fc.array(edge, { maxLength: 20 }).map((edges) => ({ source, edges }));

const solved = (of: Network) => {
  const solution = solve(of);
  if (solution.kind !== 'solved') throw new Error(solution.why);
  return solution;
};

describe('solve', () => {
  test('a conductor that touches nothing changes no reading', () => {
    fc.assert(
      fc.property(network, (of) => {
        const before = solved(of);
        const after = solved({ ...of, edges: [...of.edges, { kind: 'wire', a: 'lone', b: 'lonely', ohms: 0.4 }] });
        for (const [node, volts] of before.volts) expect(after.volts.get(node)).toBeCloseTo(volts, 9);
      }),
    );
  });

  test('swapping the leads changes nothing, and no reading exceeds the source', () => {
    fc.assert(
      fc.property(network, fc.constantFrom(...names), fc.constantFrom(...names), (of, a, b) => {
        const solution = solved(of);
        expect(readVolts(solution, a, b)).toBe(readVolts(solution, b, a));
        expect(readVolts(solution, a, b)).toBeLessThanOrEqual(source.volts + 1e-9);
      }),
    );
  });

  test('the source’s internal loss, terminal volts and current agree', () => {
    fc.assert(
      fc.property(network, (of) =>
        expect(readVolts(solved(of), 'R', 'C')).toBeCloseTo(
          Math.abs(source.volts - solved(of).sourceAmps * source.ohms),
          8,
        ),
      ),
    );
  });

  test('a wire without resistance joins its ends', () => {
    const solution = solved({
      source,
      edges: [
        { kind: 'wire', a: 'R', b: 'Y', ohms: 0 },
        { kind: 'load', a: 'Y', b: 'C', ohms: 82 },
      ],
    });
    expect(readVolts(solution, 'R', 'Y')).toBe(0);
    expect(readVolts(solution, 'Y', 'C')).toBeCloseTo((26.6 * 82) / 83.5, 6);
  });

  test('an ideal source solves; shorted, it has no solution', () => {
    const ideal = { ...source, ohms: 0 };
    expect(solved({ source: ideal, edges: [{ kind: 'load', a: 'R', b: 'C', ohms: 100 }] }).sourceAmps).toBeCloseTo(
      0.266,
      6,
    );
    expect(solve({ source: ideal, edges: [{ kind: 'wire', a: 'R', b: 'C', ohms: 0 }] }).kind).toBe('unsolvable');
  });
});

describe('settle', () => {
  const relay: Relay = { id: 'K', a: 'Y', b: 'C', pullInVolts: 18, dropOutVolts: 12, opens: [], closes: [] };
  const feed = (ohms: number): Network => ({
    source,
    edges: [
      { kind: 'wire', a: 'R', b: 'Y', ohms },
      { kind: 'load', a: 'Y', b: 'C', ohms: 80 },
    ],
  });

  test('a coil between its pickup and dropout volts keeps its state', () => {
    const middling = feed(50); // about 16 V
    const fresh = settle(middling, [relay]);
    const held = settle(middling, [relay], new Set(['K']));
    expect([fresh, held].map((each) => each.kind === 'settled' && [...each.pulledIn])).toEqual([[], ['K']]);
  });

  test('a contact moved by its coil changes the network', () => {
    const latch: Relay = { ...relay, closes: ['seal'] };
    const settled = settle(
      {
        source,
        edges: [
          ...feed(1).edges,
          { kind: 'switch', id: 'seal', a: 'R', b: 'W', closed: false },
          { kind: 'load', a: 'W', b: 'C', ohms: 100 },
        ],
      },
      [latch],
    );
    expect(settled.kind === 'settled' && readVolts(settled.solution, 'W', 'C')).toBeGreaterThan(20);
  });

  test('a coil fed through its own opening contact chatters, and is named', () => {
    const buzzer: Relay = { ...relay, opens: ['own'] };
    const still: Relay = { ...relay, id: 'quiet', a: 'R' };
    const settled = settle(
      {
        source,
        edges: [
          { kind: 'switch', id: 'own', a: 'R', b: 'Y', closed: true },
          { kind: 'load', a: 'Y', b: 'C', ohms: 80 },
        ],
      },
      [buzzer, still],
    );
    expect(settled).toMatchObject({ kind: 'chatters', relays: ['K'] });
  });
});

test('a SPICE deck names its nodes, leaves open switches out, and ends', () => {
  const deck = toSpice(
    {
      source,
      edges: [
        { kind: 'switch', id: 'T', a: 'R', b: 'Y', closed: false },
        { kind: 'load', a: 'Y', b: 'C', ohms: 82 },
      ],
    },
    'two\nlines',
  );
  expect(deck).toMatch(/^\* two lines\n/);
  expect(deck).toMatch(/\* node n2 = Y/);
  expect(deck).not.toMatch(/^Rs\d/m);
  expect(deck).toMatch(/\.op\n\.end\n$/);
});
