import fc from 'fast-check';
import { isFloating, readVolts, readVoltsThrough } from './meter';
import { conductance, type Edge, type Network } from './network';
import { type Relay, settle, settlerFor } from './settle';
import { shapeOf } from './shape';
import { solve } from './solve';

const node = fc.integer({ min: 0, max: 9 }).map((at) => `n${at}`);
const edge: fc.Arbitrary<Edge> = fc.oneof(
  fc.record({
    kind: fc.constantFrom('wire' as const, 'load' as const),
    a: node,
    b: node,
    ohms: fc.oneof(fc.double({ min: 0.005, max: 500, noNaN: true }), fc.constant(0)),
  }),
  fc.record({ kind: fc.constant('switch' as const), a: node, b: node, closed: fc.boolean() }),
);
const source = fc.record({
  volts: fc.double({ min: 20, max: 30, noNaN: true }),
  ohms: fc.double({ min: 0.2, max: 4, noNaN: true }),
  plus: node,
  minus: node,
});
const network: fc.Arbitrary<Network> = fc.record({
  source: source.map((each) => ({ ...each, plus: 'n0', minus: 'n1' })),
  others: fc.array(source, { maxLength: 1 }),
  edges: fc.array(edge, { minLength: 1, maxLength: 25 }),
});

test('a prepared network solves like modified nodal analysis', () =>
  fc.assert(
    fc.property(network, (of) => {
      const plain = solve(of);
      if (plain.kind === 'unsolvable') return;
      const shape = shapeOf(of);
      const { volts, amps } = shape.solve(Float64Array.from(of.edges, conductance));
      const named = shape.named(volts, amps);
      for (const [name, value] of plain.volts) expect(Math.abs(named.volts.get(name)! - value)).toBeLessThan(1e-5);
      plain.amps.forEach((value, at) => expect(Math.abs(amps[at]! - value)).toBeLessThan(1e-5));
    }),
    { numRuns: 400 },
  ));

test('one shape serves every state of its contacts', () =>
  fc.assert(
    fc.property(network, fc.array(fc.boolean(), { minLength: 25, maxLength: 25 }), (of, closed) => {
      const settler = settlerFor(of);
      const moved: Network = {
        ...of,
        edges: of.edges.map((each, at) => (each.kind === 'switch' ? { ...each, closed: closed[at]! } : each)),
      };
      const [again, plain] = [settler.settle(moved, []), solve(moved)];
      if (plain.kind === 'unsolvable') return;
      for (const [name, value] of plain.volts)
        expect(Math.abs(again.solution.volts.get(name)! - value)).toBeLessThan(1e-5);
    }),
    { numRuns: 100 },
  ));

const coil = (id: string, more: Partial<Relay> = {}): Relay => ({
  id,
  a: 'Y',
  b: 'C',
  pullInVolts: 18,
  dropOutVolts: 12,
  opens: [],
  closes: [],
  ...more,
});
const line = (ohms: number): Network => ({
  source: { volts: 26.6, ohms: 1.5, plus: 'R', minus: 'C' },
  edges: [
    { kind: 'wire', a: 'R', b: 'Y', ohms },
    { kind: 'load', id: 'K', a: 'Y', b: 'C', ohms: 24 ** 2 / 7 },
  ],
});

describe('inrush until sealed', () => {
  const inrush = coil('K', { inrushOhms: 24 ** 2 / 35 });

  test('a coil that would hold once sealed may never pull in', () => {
    const [far, near] = [settle(line(8), [inrush]), settle(line(3), [inrush])];
    expect([far.kind === 'settled' && far.pulledIn.size, near.kind === 'settled' && near.pulledIn.size]).toEqual([
      0, 1,
    ]);
    expect(readVolts(settle(line(8), [coil('K')]).solution, 'Y', 'C')).toBeGreaterThan(20);
    // Once in, it seals: a relay remembers.
    const held = settle(line(8), [inrush], new Set(['K']));
    expect(held.kind === 'settled' && held.pulledIn.has('K')).toBe(true);
    expect(readVolts(held.solution, 'Y', 'C')).toBeGreaterThan(20);
  });

  test('two coils do not block each other for good: one pulls in, then the other', () => {
    const [y, o] = [coil('K', { inrushOhms: 24 ** 2 / 35 }), coil('V', { a: 'O', inrushOhms: 24 ** 2 / 45 })];
    const both = (sourceOhms: number): Network => ({
      source: { volts: 26.6, ohms: sourceOhms, plus: 'R', minus: 'C' },
      edges: [
        { kind: 'wire', a: 'R', b: 'Y', ohms: 1 },
        { kind: 'wire', a: 'R', b: 'O', ohms: 1 },
        { kind: 'load', id: 'K', a: 'Y', b: 'C', ohms: 24 ** 2 / 7 },
        { kind: 'load', id: 'V', a: 'O', b: 'C', ohms: 24 ** 2 / 9 },
      ],
    });
    const pulled = (ohms: number) => {
      const settled = settle(both(ohms), [y, o]);
      return settled.kind === 'settled' ? [...settled.pulledIn].sort() : settled.kind;
    };
    // Both at inrush leave 16 V; each alone next to the other sealed leaves more than 18.
    expect(pulled(3)).toEqual(['K', 'V']);
    // A supply too weak for either: both hum.
    expect(pulled(9)).toEqual([]);
  });

  test('the network returned is the one that was solved', () => {
    const { network: after, solution } = settle(line(8), [inrush]);
    const plain = solve(after);
    expect(plain.kind === 'solved' && plain.volts.get('Y')).toBeCloseTo(solution.volts.get('Y')!, 6);
  });
});

describe('a powered output stays at rest until its coil pulls in', () => {
  const powered = (ohms: number): Network => ({
    source: { volts: 26.6, ohms: 1.5, plus: 'R', minus: 'C' },
    edges: [
      { kind: 'wire', a: 'R', b: 'P', ohms },
      { kind: 'load', id: 'electronics', a: 'P', b: 'C', ohms: 300 },
      { kind: 'switch', id: 'output', a: 'R', b: 'Y', closed: true },
      { kind: 'load', id: 'K', a: 'Y', b: 'C', ohms: 80 },
    ],
  });
  const relays = [coil('electronics', { a: 'P', powers: [{ id: 'output', closed: false }] }), coil('K')];

  test('with power the output is as driven; without power it is open', () => {
    const [on, off] = [settle(powered(1), relays), settle(powered(1e6), relays)];
    expect(on.kind === 'settled' && [...on.pulledIn].sort()).toEqual(['K', 'electronics']);
    expect(off.kind === 'settled' && [...off.pulledIn]).toEqual([]);
    expect(readVolts(off.solution, 'Y', 'C')).toBeLessThan(0.1);
  });
});

describe('a meter', () => {
  const open: Network = {
    source: { volts: 26.6, ohms: 1.5, plus: 'R', minus: 'C' },
    edges: [
      { kind: 'switch', id: 'far', a: 'R', b: 'W', closed: false },
      { kind: 'wire', a: 'W', b: 'W-out', ohms: 0.3 },
      { kind: 'load', a: 'Y', b: 'C', ohms: 80 },
      { kind: 'wire', a: 'Y', b: 'Z', ohms: 1 },
    ],
  };

  test('tells floating terminals from those that a coil ties down', () => {
    expect(['W', 'W-out', 'Y', 'Z', 'R', 'nowhere'].map((name) => isFloating(open, name))).toEqual([
      true,
      true,
      false,
      false,
      false,
      true,
    ]);
  });

  test('of low impedance loads what it measures', () => {
    const through: Network = { ...open, edges: [...open.edges, { kind: 'load', a: 'R', b: 'W', ohms: 30_000 }] };
    const solved = solve(through);
    expect(solved.kind === 'solved' && readVolts(solved, 'W', 'C')).toBeGreaterThan(20);
    expect(readVoltsThrough(through, 'W', 'C', 3000)).toBeLessThan(3);
  });
});
