import fc from 'fast-check';
import { heatInputs } from '../job/banks';
import { assumedFacts, type Facts } from '../job/document';
import { plan } from '../wiring/plan';
import { nodeOf } from './device';
import { bankCoilId } from './ids';

const base = assumedFacts();
const devicesOf = (facts: Facts) => plan(facts).devices;

const anyFacts = fc
  .record({
    valve: fc.constantFrom('O' as const, 'B' as const),
    inputs: fc.constantFrom('W1' as const, 'W1+W2' as const, 'W1+W2+W3' as const),
    banks: fc.array(fc.integer({ min: 1, max: 3 }), { maxLength: 6 }),
    power: fc.constantFrom('C' as const, 'battery' as const),
    switching: fc.constantFrom('sequencer' as const, 'relay' as const, 'contactor' as const),
    va: fc.constantFrom(20, 40, 75),
  })
  .map(({ valve, inputs, banks, power, switching, va }): Facts => ({
    ...base,
    outdoorUnit: { ...base.outdoorUnit, reversingValve: valve },
    thermostat: { ...base.thermostat, valveSetting: valve, power },
    airHandler: { ...base.airHandler, wInputs: inputs, transformerVA: va },
    heatKit: { ...base.heatKit, switching, elements: banks.map((bank) => ({ kW: 4.8, bank, onS: 10, offS: 10 })) },
  }));

describe('every device', () => {
  test('marks each terminal once, has R and C, and feeds each coil from one of its own points', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        for (const { terminals, coils, contacts } of devicesOf(facts)) {
          const marks = terminals.map(({ mark }) => mark);
          expect(new Set(marks).size).toBe(marks.length);
          expect(marks).toEqual(expect.arrayContaining(['R', 'C']));
          const points = new Set([...marks, ...contacts.flatMap(({ from, to }) => [from, to])]);
          for (const { from, to, va } of coils) {
            expect([points.has(from), points.has(to)]).toEqual([true, true]);
            expect(va).toBeGreaterThan(0);
          }
        }
      }),
    );
  });

  test('ids of coils and contacts are unique in the job', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const ids = devicesOf(facts).flatMap(({ coils, contacts }) => [...coils, ...contacts].map(({ id }) => id));
        expect(new Set(ids).size).toBe(ids.length);
      }),
    );
  });

  test('one transformer, in the air handler; a larger one has less voltage drop', () => {
    fc.assert(
      fc.property(anyFacts, (facts) =>
        expect(
          devicesOf(facts)
            .filter(({ transformers }) => transformers.length > 0)
            .map(({ id }) => id),
        ).toEqual(['air-handler']),
      ),
    );
    const ohms = (transformerVA: number) =>
      devicesOf({ ...base, airHandler: { ...base.airHandler, transformerVA } })[1]!.transformers[0]!.ohms;
    expect([ohms(40), ohms(75)]).toEqual([1.5, expect.closeTo(0.8, 6)]);
  });
});

test('a bank has a coil only if the board has an input for it', () => {
  const kit = (inputs: Facts['airHandler']['wInputs']): Facts => ({
    ...base,
    airHandler: { ...base.airHandler, wInputs: inputs },
    heatKit: { ...base.heatKit, elements: [1, 2, 3].map((bank) => ({ kW: 3, bank, onS: 0, offS: 0 })) },
  });
  const coils = (facts: Facts) =>
    devicesOf(facts)[1]!
      .coils.map(({ id }) => id)
      .filter((id) => id.startsWith('heat bank'));
  expect(coils(kit('W1'))).toEqual([bankCoilId(1)]);
  expect(coils(kit('W1+W2+W3'))).toEqual([1, 2, 3].map(bankCoilId));
  expect(heatInputs(kit('W1+W2'))).toEqual(['W1', 'W2']);
});

test('the valve line passes through the defrost relay, and only an O unit energizes the valve itself in defrost', () => {
  const contacts = (valve: 'O' | 'B') =>
    devicesOf({ ...base, outdoorUnit: { ...base.outdoorUnit, reversingValve: valve } })[2]!.contacts.map(
      ({ from, to, rests, movedBy }) => [from, to, rests, movedBy],
    );
  expect(contacts('O')).toEqual([
    ['Y', 'run', 'closed', 'board-lockout'],
    ['O', 'valve', 'closed', 'defrost'],
    ['R', 'valve', 'open', 'defrost'],
    ['R', 'W-out', 'open', 'defrost'],
  ]);
  expect(contacts('B')).toEqual([
    ['Y', 'run', 'closed', 'board-lockout'],
    ['B', 'valve', 'closed', 'defrost'],
    ['R', 'W-out', 'open', 'defrost'],
  ]);
  expect(nodeOf('outdoor-unit', 'valve')).toBe('outdoor-unit.valve');
});
