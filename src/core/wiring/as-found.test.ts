import fc from 'fast-check';
import { findingsOf as findingsOfModel } from '../check';
import { DEFAULT_MOMENT } from '../control/moment';
import { assumedFacts, type Facts } from '../job/document';
import type { WireRow } from '../job/facts/wiring';
import { findingKey } from '../job/finding';
import { jobModel } from '../model/job-model';
import {
  addConductor,
  addJumper,
  freeColors,
  harnessAsFound,
  landEnd,
  removeConductor,
  removeJumper,
  wireRows,
  withWires,
} from './as-found';
import { differences } from './differences';
import { colorName, parseRef } from './harness';
import { plan } from './plan';
import { benchFor, supplyOf, wiringState } from './state';

type Words = Parameters<typeof findingsOfModel> extends [unknown, ...infer Rest] ? Rest : never;
const findingsOf = (facts: Facts, ...words: Words) => findingsOfModel(jobModel(facts), ...words);

const base = assumedFacts();
const planned = plan(base);
const rows = wireRows(planned);
const found = (asFound: readonly WireRow[], facts: Facts = base): Facts => ({
  ...facts,
  wiring: { ...facts.wiring, asFound },
});
const differing = (asFound: readonly WireRow[]) =>
  differences(base, benchFor(base, planned), withWires(planned, asFound), DEFAULT_MOMENT, supplyOf(base));
const errors = (facts: Facts) => findingsOf(facts).filter(({ severity }) => severity === 'error');
const at = (device: 'thermostat' | 'air-handler' | 'outdoor-unit', mark: string) => ({ device, mark });

describe('the as-found record', () => {
  test('the plan entered as found is the plan: no difference, no finding, the same conductors', () => {
    expect(withWires(planned, rows).conductors).toEqual(
      planned.conductors.map((conductor) => ({ ...conductor, carries: expect.any(String) })),
    );
    expect(differing(rows)).toEqual([]);
    expect(findingsOf(found(rows))).toEqual(findingsOf(base));
    expect(harnessAsFound(base, planned).conductors).toEqual(planned.conductors);
  });

  test('an end is landed, taken off, and landed again', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...planned.conductors),
        fc.constantFrom('from' as const, 'to' as const),
        ({ id, from, to }, end) => {
          const loose = landEnd(rows, id, end, null);
          expect(withWires(planned, loose).conductors.find((conductor) => conductor.id === id)?.[end]).toBeNull();
          expect(landEnd(loose, id, end, end === 'from' ? from : to)).toEqual(rows);
        },
      ),
    );
    expect(landEnd(rows, 'thermostat-cable/violet', 'to', null)).toBe(rows);
  });

  test('jumpers go in once and come out; conductors are added in unused colors', () => {
    const joined = addJumper(rows, at('air-handler', 'R'), at('air-handler', 'G'));
    expect(joined).toHaveLength(rows.length + 1);
    expect(addJumper(joined, at('air-handler', 'G'), at('air-handler', 'R'))).toBe(joined);
    expect(addJumper(rows, at('air-handler', 'R'), at('air-handler', 'R'))).toBe(rows);
    expect(removeJumper(joined, { from: at('air-handler', 'R'), to: at('air-handler', 'G') })).toEqual(rows);
    expect(freeColors(rows, 'outdoor-cable')).toEqual(
      ['orange', 'black', 'pink', 'grey'].filter(
        (colour) => !rows.some((row) => row.cable === 'outdoor-cable' && row.colour === colour),
      ),
    );
    const more = addConductor(rows, 'outdoor-cable', 'pink');
    expect(addConductor(more, 'outdoor-cable', 'pink')).toBe(more);
    expect(removeConductor(more, 'outdoor-cable/pink')).toEqual(rows);
  });

  test('a place is parsed as written; nonsense is not a place', () => {
    expect(parseRef('outdoor-thermostats.1 in')).toEqual({ device: 'outdoor-thermostats', mark: '1 in' });
    expect(['', 'R', 'attic.R', '.R'].map(parseRef)).toEqual([null, null, null, null]);
  });
});

describe('what a move would have done', () => {
  test.each([
    [
      'white on G: no strips, and the blower follows AUX',
      'thermostat-cable/white',
      'to',
      at('air-handler', 'G'),
      /from W1 to G/,
      /Sequencer 1 does not pull in/,
    ],
    [
      'yellow off: the compressor never starts',
      'thermostat-cable/yellow',
      'to',
      null,
      /unconnected at the air handler/,
      /Contactor does not pull in/,
    ],
    [
      'orange on Y: the valve does not turn',
      'thermostat-cable/orange',
      'to',
      at('air-handler', 'Y'),
      /from O to Y/,
      /Reversing valve does not pull in on: cool/,
    ],
    ['blue on R: the fuse opens', 'thermostat-cable/blue', 'to', at('air-handler', 'R'), /from C to R/, /fuse|Alone/],
  ] as const)('%s', (_, conductor, end, on, words, effect) => {
    const [difference, ...more] = differing(landEnd(rows, conductor, end, on));
    expect(more).toEqual([]);
    expect(difference!.words).toMatch(words);
    if (conductor !== 'thermostat-cable/blue') expect(difference!.effects.join(' ')).toMatch(effect);
  });

  test('a missing AUX–E jumper takes emergency heat away, and is named with its reason', () => {
    const without = removeJumper(rows, { from: at('thermostat', 'AUX'), to: at('thermostat', 'E') });
    expect(differing(without)[0]).toMatchObject({
      words: 'jumper AUX–E at the thermostat missing',
      effects: expect.arrayContaining([expect.stringMatching(/Sequencer 1 does not pull in on: emergency/)]),
    });
    expect(errors(found(without)).map(({ rule }) => rule)).toEqual(
      expect.arrayContaining(['jumpers-as-planned', 'emergency-heats']),
    );
  });
});

describe('rules for existing wiring', () => {
  const sensed: Facts = {
    ...base,
    thermostat: { ...base.thermostat, outdoorSensor: 'wired' },
    cables: { ...base.cables, thermostatConductors: 10, outdoorConductors: 8 },
  };
  const gated: Facts = {
    ...sensed,
    thermostat: { ...base.thermostat },
    gates: { ...base.gates, outdoorThermostats: [{ bank: 0, closesBelowF: 30 }] },
  };
  const dual: Facts = {
    ...base,
    system: { ...base.system, backup: 'furnace' },
    thermostat: { ...base.thermostat, backupSetting: 'fossil' },
    furnace: { ...base.furnace, fuel: 'propane' },
  };
  const own: Facts = { ...dual, furnace: { ...dual.furnace, fuel: 'fuel-oil', burnerControl: 'own-transformer' } };
  const twoValves: Facts = { ...base, thermostat: { ...base.thermostat, valveTerminals: 'O+B' } };
  const recorded = (facts: Facts, change: (rows: readonly WireRow[]) => readonly WireRow[]) =>
    found(change(wireRows(plan(facts))), facts);
  const colorOn = (facts: Facts, cable: string, mark: string) =>
    plan(facts).conductors.find((each) => each.cable === cable && (each.to?.mark === mark || each.from?.mark === mark))!
      .id;

  test.each<[string, string, Facts]>([
    [
      'R and C bridged',
      'hot-and-common-apart',
      recorded(base, (all) => addJumper(all, at('air-handler', 'R'), at('air-handler', 'C'))),
    ],
    [
      'the common on the thermostat’s B',
      'common-not-on-output',
      recorded(twoValves, (all) =>
        landEnd(all, colorOn(twoValves, 'thermostat-cable', 'C'), 'from', at('thermostat', 'B')),
      ),
    ],
    [
      'a sensor lead on 24 V',
      'sensor-alone',
      recorded(sensed, (all) => landEnd(all, colorOn(sensed, 'thermostat-cable', 'S1'), 'to', at('air-handler', 'R'))),
    ],
    [
      'emergency heat through the outdoor thermostat',
      'emergency-heats',
      recorded(gated, (all) =>
        addJumper(
          landEnd(all, colorOn(gated, 'thermostat-cable', 'E'), 'to', null),
          at('thermostat', 'AUX'),
          at('thermostat', 'E'),
        ),
      ),
    ],
    [
      'auxiliary past the outdoor thermostat',
      'aux-passes-thermostats',
      recorded(gated, (all) => addJumper(all, at('air-handler', 'AUX'), at('air-handler', 'W1'))),
    ],
    [
      'W-out landed in dual fuel',
      'no-defrost-heat-from-furnace',
      recorded(dual, (all) => [
        ...all.filter(({ cable, colour }) => cable !== 'outdoor-cable' || colour !== 'white'),
        { cable: 'outdoor-cable', colour: 'white', from: 'furnace.W1', to: 'outdoor-unit.W-out' },
      ]),
    ],
    [
      'the interlock left out',
      'furnace-alone',
      {
        ...dual,
        thermostat: { ...dual.thermostat, backupSetting: 'electric' },
        furnace: { ...dual.furnace, interlock: 'none' },
      },
    ],
    [
      'W straight to the burner control',
      'transformers-apart',
      recorded(own, (all) =>
        landEnd(all, colorOn(own, 'thermostat-cable', 'AUX'), 'to', { device: 'furnace', mark: 'T2' }),
      ),
    ],
    [
      'the low-gas switch bridged',
      'low-gas-in-circuit',
      recorded(dual, (all) => addJumper(all, { device: 'furnace', mark: 'PS1' }, { device: 'furnace', mark: 'PS2' })),
    ],
    [
      'the float switch bridged',
      'float-stops-compressor',
      recorded({ ...base, system: { ...base.system, floatSwitch: 'Y' } }, (all) =>
        addJumper(all, { device: 'float-switch', mark: '1' }, { device: 'float-switch', mark: '2' }),
      ),
    ],
    [
      'boards switched to communicating',
      'control-agrees',
      { ...base, system: { ...base.system, control: 'communicating' } },
    ],
    [
      'no heat terminal and a kit',
      'backup-called',
      { ...base, thermostat: { ...base.thermostat, heatTerminals: 'none' } },
    ],
    [
      'a terminal that is not there',
      'ends-land',
      recorded(base, (all) => landEnd(all, 'thermostat-cable/white', 'to', at('air-handler', 'W3'))),
    ],
  ])('%s: %s', (_, rule, facts) => expect(errors(facts).map((finding) => finding.rule)).toContain(rule));

  test('an interlock whose coil is fed behind its own contact chatters, and the coil is named', () => {
    const harness = plan(dual);
    const wEnd = harness.conductors.find(({ id }) => id.startsWith('leads-interlock') && id.endsWith('white'))!;
    const facts = recorded(dual, (all) => landEnd(all, wEnd.id, 'to', { device: 'outdoor-unit', mark: 'Y' }));
    expect(
      wiringState(facts, harnessAsFound(facts, harness), { ...DEFAULT_MOMENT, call: 'heat-1' }).chattering,
    ).toContain('interlock');
    expect(errors(facts).map(({ rule }) => rule)).toContain('comes-to-rest');
  });

  test('a waived finding stays in the record and moves to the end', () => {
    const facts: Facts = {
      ...base,
      cables: { ...base.cables, thermostatConductors: 6 },
      system: { ...base.system, control: 'communicating' },
    };
    const finding = errors(facts)[0]!;
    const waiver = {
      finding: findingKey(finding),
      what: finding.what,
      reason: 'Boards come on Friday',
      by: 'Tester',
      at: '2026-01-02T03:04:05Z',
    };
    const all = findingsOf({ ...facts, wiring: { ...facts.wiring, waivers: [waiver] } });
    expect(all.at(-1)).toMatchObject({ rule: finding.rule, waived: { reason: 'Boards come on Friday', by: 'Tester' } });
    expect(all).toHaveLength(findingsOf(facts).length);
  });
});

test('a gray conductor is called gray, whatever key its record used', () => {
  expect([colorName('grey'), colorName('red'), colorName(null), colorName(null, 'none left')]).toEqual([
    'gray',
    'red',
    'conductor',
    'none left',
  ]);
});
