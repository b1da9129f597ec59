import { spawnSync } from 'node:child_process';
import fc from 'fast-check';
import { runs } from '../../../tests/runs';
import { findingsOf as findingsOfModel } from '../check';
import { sourcesOf } from '../circuit/network';
import { toSpice } from '../circuit/spice';
import { CONDITIONS } from '../control/conditions';
import { callsOf, DEFAULT_MOMENT } from '../control/moment';
import { NO_FAULTS, type Scenario, withCondition, withFault } from '../control/scenario';
import {
  bankCoilId,
  BLOWER_BY_HEAT_COIL,
  BLOWER_COIL,
  type CoilId,
  COMPRESSOR_COIL,
  FURNACE_COIL,
  VALVE_COIL,
} from '../devices/ids';
import { reachableBanks } from '../job/banks';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { SAMPLES } from '../samples';
import { families } from './families';
import { faultsOf } from './fault';
import { landedConductors, refText } from './harness';
import { plan } from './plan';
import { benchFor, meterVolts, type WiringState, wiringState } from './state';

type Words = Parameters<typeof findingsOfModel> extends [unknown, ...infer Rest] ? Rest : never;
const findingsOf = (facts: Facts, ...words: Words) => findingsOfModel(jobModel(facts), ...words);

const FAMILIES = families();
/** Every third family at a commit; `npm run facts` takes them all. */
const SOME = FAMILIES.filter((_, at) => process.env.SWEEP !== undefined || at % 3 === 0);
const anyFamily = fc.constantFrom(...FAMILIES);
const backupCoils = (facts: Facts): CoilId[] =>
  facts.system.backup === 'furnace' ? [FURNACE_COIL] : reachableBanks(facts).map(bankCoilId);
const wired = (facts: Facts, call: WiringState['moment']['call'], outdoorF: number, scenario: Scenario = NO_FAULTS) =>
  jobModel(facts, scenario).state({ ...DEFAULT_MOMENT, call, outdoorF });

describe('every family that can be wired', () => {
  test('covers each thermostat, indoor unit, outdoor unit, board and added part', () => {
    const ids = FAMILIES.map(({ id }) => id).join(' ');
    for (const part of [
      'aux1-aux2-e',
      'w2-lamp',
      'no-heat-terminal',
      'w1-w2-w3',
      'propane',
      'oil-own-transformer',
      'packaged',
      'inverter',
      'w-in-out',
      'fault-heat',
      'three-thermostats',
      'one-thermostat-beside',
      'float-in-r',
      'sensor',
      'b-own',
    ])
      expect(ids).toContain(part);
    expect(new Set(FAMILIES.map(({ id }) => id)).size).toBe(FAMILIES.length);
  });

  test('has no error and no warning', () => {
    const found = SOME.flatMap(({ id, facts }) =>
      findingsOf(facts)
        .filter(({ severity }) => severity !== 'advice')
        .map(({ rule, what }) => `${id}: ${rule}: ${what}`),
    );
    expect(found).toEqual([]);
  });

  test('lands every end on a terminal of its device, and each color once in a cable', () => {
    for (const { facts } of FAMILIES) {
      const harness = plan(facts);
      const nodes = new Set(
        harness.devices.flatMap(({ id, terminals }) => terminals.map(({ mark }) => `${id}.${mark}`)),
      );
      for (const { from, to } of [...landedConductors(harness), ...harness.jumpers])
        expect([nodes.has(refText(from)), nodes.has(refText(to))]).toEqual([true, true]);
      const ids = harness.conductors.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
      const coils = harness.devices.flatMap(({ coils, contacts }) => [...coils, ...contacts].map(({ id }) => id));
      expect(new Set(coils).size).toBe(coils.length);
    }
  });

  test('heats in emergency heat at every outdoor temperature, compressor off', () => {
    fc.assert(
      fc.property(anyFamily, fc.integer({ min: -20, max: 70 }), ({ facts }, outdoorF) => {
        if (facts.thermostat.heatTerminals === 'none') return;
        const { energized } = wired(facts, 'emergency', outdoorF);
        expect(backupCoils(facts).filter((coil) => !energized.has(coil))).toEqual([]);
        expect(energized.has(COMPRESSOR_COIL)).toBe(false);
      }),
      { numRuns: runs(150) },
    );
  });

  test('never runs compressor and furnace together, whatever is called or fails, except to temper a defrost by choice', () => {
    const dual = FAMILIES.filter(({ facts }) => facts.system.backup === 'furnace');
    fc.assert(
      fc.property(
        fc.constantFrom(...dual),
        fc.integer({ min: -20, max: 70 }),
        fc.subarray(CONDITIONS.map(({ id }) => id)),
        ({ facts }, outdoorF, conditions) => {
          const isChosen = facts.furnace.tempersDefrost && facts.furnace.interlock === 'none';
          for (const call of callsOf(facts).filter((each) => each !== 'defrost' || !isChosen)) {
            const { energized } = wired(facts, call, outdoorF, withCondition(...conditions));
            expect(energized.has(COMPRESSOR_COIL) && energized.has(FURNACE_COIL)).toBe(false);
          }
        },
      ),
      { numRuns: runs(80) },
    );
  });

  test('heats, cools and defrosts with the valve as on the plate, and never without air', () => {
    for (const { facts } of FAMILIES) {
      const isB = facts.outdoorUnit.reversingValve === 'B';
      const heat = wired(facts, 'heat-1', 30).energized;
      const cool = wired(facts, 'cool-1', 70).energized;
      const defrost = wired(facts, 'defrost', 30).energized;
      expect([heat.has(COMPRESSOR_COIL), heat.has(VALVE_COIL)]).toEqual([true, isB]);
      expect([cool.has(COMPRESSOR_COIL), cool.has(VALVE_COIL), cool.has(BLOWER_COIL)]).toEqual([true, !isB, true]);
      expect([defrost.has(COMPRESSOR_COIL), defrost.has(VALVE_COIL)]).toEqual([true, !isB]);
      for (const states of [heat, cool, defrost, wired(facts, 'heat-aux', -20).energized])
        if (backupCoils(facts).some((coil) => states.has(coil) && coil !== FURNACE_COIL))
          expect(states.has(BLOWER_COIL) || states.has(BLOWER_BY_HEAT_COIL)).toBe(true);
    }
  });

  test('a conductor landed nowhere changes no reading, and leads may be swapped', () => {
    fc.assert(
      fc.property(anyFamily, fc.nat(), fc.nat(), fc.nat(), ({ facts }, atCall, atOne, atOther) => {
        const harness = plan(facts);
        const calls = callsOf(facts);
        const moment = { ...DEFAULT_MOMENT, call: calls[atCall % calls.length]! };
        const before = wiringState(facts, harness, moment);
        const loose = {
          id: 'thermostat-cable/none-99' as const,
          cable: 'thermostat-cable' as const,
          colour: 'grey' as const,
          from: harness.conductors[0]!.from,
          to: null,
          carries: '',
        };
        const after = wiringState(facts, { ...harness, conductors: [...harness.conductors, loose] }, moment);
        const places = harness.devices.flatMap(({ id: device, terminals }) =>
          terminals.map(({ mark }) => ({ device, mark })),
        );
        const [one, other] = [places[atOne % places.length]!, places[atOther % places.length]!];
        expect(meterVolts(after, one, other)).toBeCloseTo(meterVolts(before, one, other), 9);
        expect(meterVolts(before, one, other)).toBe(meterVolts(before, other, one));
      }),
    );
  });

  test('every single fault is solved on every call: an answer, never a crash', () => {
    fc.assert(
      fc.property(anyFamily, fc.nat(), ({ facts }, at) => {
        const harness = plan(facts);
        const faults = faultsOf(harness);
        expect(new Set(faults.map(({ code }) => code)).size).toBe(faults.length);
        const { code } = faults[at % faults.length]!;
        for (const call of callsOf(facts)) {
          const { solution } = wired(facts, call, 28, withFault(code));
          expect([...solution.volts.values()].every(Number.isFinite)).toBe(true);
        }
      }),
      { numRuns: runs(25) },
    );
  });
});

/** Many netlists in one run: every circuit has its own ground through a zero-ohm wire to node 0. */
const inOneRun = (
  states: readonly WiringState[],
): { readonly printed: ReadonlyMap<string, number>; readonly nodes: readonly (readonly [string, number])[] } => {
  const nodes: [string, number][] = [];
  const decks = states.map((state, at) => {
    const deck = toSpice(state.network, 'compare');
    for (const [, number, node] of deck.matchAll(/^\* node (n\d+) = (.+)$/gm))
      nodes.push([`${number}x${at}`, state.solution.volts.get(node!)!]);
    return deck
      .split('\n')
      .filter((line) => /^[VR]/.test(line))
      .map((line) => {
        const [name, one, other, ...rest] = line.split(';')[0]!.trim().split(/\s+/);
        const own = (node: string) => (node === '0' ? '0' : `${node}x${at}`);
        return [`${name}x${at}`, own(one!), own(other!), ...rest].join(' ');
      })
      .join('\n');
  });
  const { stdout } = spawnSync('ngspice', ['-b'], {
    input: `* all\n${decks.join('\n')}\n.op\n.end\n`,
    encoding: 'utf8',
    maxBuffer: 1e9,
  });
  const printed = new Map(
    [...stdout.matchAll(/^\s*(n\d+x\d+)\s+(\S+)$/gm)].map(([, node, volts]) => [node!, Number(volts)] as const),
  );
  return { printed, nodes };
};

const hasNgspice = spawnSync('ngspice', ['--version']).status === 0;
(hasNgspice ? describe : describe.skip)('ngspice agrees to 0.02 V (skipped where it is not installed)', () => {
  const jobs = [...SAMPLES, ...FAMILIES];
  const BATCH = 20;
  const batches = Array.from(
    { length: Math.ceil(jobs.length / BATCH) },
    (_, at) => [at * BATCH, jobs.slice(at * BATCH, (at + 1) * BATCH)] as const,
  );
  test.each(batches)('families from %i on, every call', (_, batch) => {
    const states = batch.flatMap(({ facts }) => callsOf(facts).map((call) => wired(facts, call, 22)));
    const { printed, nodes } = inOneRun(states);
    expect(states.every(({ network }) => sourcesOf(network).length > 0)).toBe(true);
    expect(nodes.length).toBeGreaterThan(states.length * 10);
    const off = nodes.filter(([node, volts]) => !(Math.abs(printed.get(node)! - volts) < 0.02));
    expect(off).toEqual([]);
  });

  const some = FAMILIES.filter((_, at) => at % Math.ceil(FAMILIES.length / 8) === 0);
  test.each(some)('with each single fault in it: $id', ({ facts }) => {
    const bench = benchFor(facts, plan(facts));
    const states = faultsOf(bench.harness).flatMap(({ code }) =>
      (['heat-1', 'emergency'] as const).map((call) =>
        bench.at(facts, { ...DEFAULT_MOMENT, call, scenario: withFault(code) }),
      ),
    );
    const { printed, nodes } = inOneRun(states);
    expect(nodes.length).toBeGreaterThan(states.length * 10);
    const off = nodes.filter(([node, volts]) => !(Math.abs(printed.get(node)! - volts) < 0.02));
    expect(off).toEqual([]);
  });
});
