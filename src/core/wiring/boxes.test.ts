import { checkEquipment } from '../check/equipment';
import type { ConditionId } from '../control/conditions';
import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { withCondition } from '../control/scenario';
import { COMPRESSOR_COIL } from '../devices/ids';
import type { Facts } from '../job/document';
import { jobModel } from '../model/job-model';
import { addJumper, wireRows } from './as-found';
import { familyById } from './families';
import { plan } from './plan';
import { refusals } from './refusals';
import { benchFor } from './state';

const boxed = (boxes: Partial<Facts['boxes']>, family = 'w1-w2+aux-e+single+w-out+o'): Facts => {
  const { facts } = familyById(family)!;
  return { ...facts, boxes: { ...facts.boxes, ...boxes } };
};
const energized = (facts: Facts, call: CallId, condition?: ConditionId) =>
  benchFor(facts, plan(facts)).at(facts, {
    ...DEFAULT_MOMENT,
    outdoorF: 20,
    call,
    ...(condition ? { scenario: withCondition(condition) } : {}),
  }).energized;
const rules = (facts: Facts) => checkEquipment(jobModel(facts)).map(({ rule }) => rule);

test('loads on G come on with the blower, on top of the transformer’s load', () => {
  const facts = boxed({ humidifier: 'alone', ventilator: true, airCleaner: true });
  for (const call of ['fan', 'heat-1', 'cool-1'] as const)
    expect([...energized(facts, call)]).toEqual(
      expect.arrayContaining(['humidifier valve', 'ventilator damper', 'air-cleaner relay']),
    );
  expect(energized(facts, 'off').has('humidifier valve')).toBe(false);
  const tight = { ...facts, airHandler: { ...facts.airHandler, transformerVA: 40 } };
  expect(rules({ ...tight, boxes: boxed({}).boxes })).not.toContain('transformer-carries');
  expect(rules(tight)).toContain('transformer-carries');
});

test('a wet switch of its own stops the humidifier alone; in R it stops everything, and this is reported', () => {
  const alone = boxed({ humidifier: 'alone' });
  expect(energized(alone, 'heat-1', 'floor-wet').has('humidifier valve')).toBe(false);
  expect(energized(alone, 'heat-1', 'floor-wet').has(COMPRESSOR_COIL)).toBe(true);
  const everything = boxed({ humidifier: 'everything' });
  expect(energized(everything, 'heat-1').has(COMPRESSOR_COIL)).toBe(true);
  expect([...energized(everything, 'emergency', 'floor-wet')].filter((coil) => /heat bank/.test(coil))).toEqual([]);
  expect(rules(everything)).toContain('wet-switch-stops-heat');
  expect(rules(alone)).not.toContain('wet-switch-stops-heat');
});

test.each(['w1-w2+aux-e+single+w-out+o', 'packaged+aux-e+single+no-w+o', 'gas+aux-e+single+no-w+o'])(
  'the utility’s relay in Y blocks the compressor and leaves the backup: %s',
  (family) => {
    const facts = boxed({ loadControl: 'Y' }, family);
    expect(energized(facts, 'heat-1').has(COMPRESSOR_COIL)).toBe(true);
    expect(energized(facts, 'heat-1', 'utility-shed').has(COMPRESSOR_COIL)).toBe(false);
    const held = [...energized(facts, 'emergency', 'utility-shed')];
    expect(held).toEqual([...energized(facts, 'emergency')]);
    expect(held.some((coil) => /heat bank|furnace heat/.test(coil))).toBe(true);
  },
);

test('float, wet switch and relay are in series', () => {
  const facts = boxed({ loadControl: 'Y', humidifier: 'everything' }, 'packaged+aux-e+single+no-w+o');
  for (const floatSwitch of ['R', 'Y'] as const) {
    const all: Facts = { ...facts, system: { ...facts.system, floatSwitch } };
    expect(energized(all, 'cool-1').has(COMPRESSOR_COIL)).toBe(true);
    for (const condition of ['pan-full', 'utility-shed', 'floor-wet'] as const)
      expect([floatSwitch, condition, energized(all, 'cool-1', condition).has(COMPRESSOR_COIL)]).toEqual([
        floatSwitch,
        condition,
        false,
      ]);
    expect(rules(all).filter((rule) => rule !== 'wet-switch-stops-heat')).toEqual(
      rules({ ...all, boxes: boxed({}).boxes }),
    );
  }
});

test('a relay in R or in the auxiliary call is refused, with the place where it belongs', () => {
  for (const loadControl of ['R', 'AUX'] as const)
    expect(refusals(boxed({ loadControl }))[0]).toMatchObject({
      rule: 'load-control-in-heat',
      fixBy: [{ path: 'boxes.loadControl', value: 'Y' }],
    });
});

test.each(['w1-w2+aux-e+two-stage+w-out+o', 'packaged+aux-e+single+no-w+o', 'gas+aux1-aux2-e+two-stage+no-w+o'])(
  'a relay pair carries Y and G over one conductor, and every call works as before: %s',
  (family) => {
    const [plain, paired] = [boxed({}, family), boxed({ relayPair: true }, family)];
    const inWall = (facts: Facts) =>
      plan(facts).conductors.filter(({ cable, from }) => cable === 'thermostat-cable' && from !== null).length;
    expect(inWall(paired)).toBe(inWall(plain) - 1);
    for (const call of ['off', 'fan', 'heat-1', 'heat-aux', 'emergency', 'cool-1', 'defrost'] as const) {
      const working = [...energized(paired, call)].filter((coil) => !coil.startsWith('relay pair'));
      expect([call, working.sort()]).toEqual([call, [...energized(plain, call)].sort()]);
    }
    expect(rules(paired)).toEqual(rules(plain));
  },
);

test('with the shared conductor open, neither call arrives', () => {
  const facts = boxed({ relayPair: true });
  const whole = plan(facts);
  const cut = { ...whole, conductors: whole.conductors.filter(({ from }) => from?.mark !== 'P') };
  const states = benchFor(facts, cut).at(facts, { ...DEFAULT_MOMENT, outdoorF: 20, call: 'heat-1' });
  expect(states.energized.has(COMPRESSOR_COIL)).toBe(false);
  expect(states.energized.has('blower relay')).toBe(false);
});

describe('a zone board', () => {
  const FAMILIES = ['w1-w2+aux-e+single+w-out+o', 'gas+aux-e+single+no-w+o', 'packaged+aux-e+single+no-w+o'];

  test.each(FAMILIES)('takes in every call and sends it out: the equipment runs as without the board: %s', (family) => {
    const [plain, zoned] = [boxed({}, family), boxed({ zoneBoard: true }, family)];
    const own = (coils: ReadonlySet<string>) => [...coils].filter((coil) => !coil.startsWith('zone')).sort();
    for (const call of ['off', 'fan', 'heat-1', 'heat-aux', 'emergency', 'cool-1', 'defrost'] as const)
      expect([call, own(energized(zoned, call))]).toEqual([call, own(energized(plain, call))]);
    expect(energized(zoned, 'off').has('zone dampers')).toBe(true);
    expect(plan(zoned).cables.find(({ id }) => id === 'thermostat-cable')!.to).toBe('zone-board');
    expect(rules(zoned).filter((rule) => rule !== 'zones-let-heat')).toEqual(rules(plain));
  });

  test('adds its dampers to the transformer’s load', () => {
    const tight = (boxes: Partial<Facts['boxes']>) => {
      const facts = boxed(boxes);
      return { ...facts, airHandler: { ...facts.airHandler, transformerVA: 40 } };
    };
    expect(rules(tight({ zoneBoard: true, zoneDampers: 1, damperVA: 1 }))).not.toContain('transformer-carries');
    expect(rules(tight({ zoneBoard: true, zoneDampers: 6, damperVA: 6 }))).toContain('transformer-carries');
  });

  test('with a battery thermostat, takes its common from the cabinet', () => {
    const facts = boxed({ zoneBoard: true });
    const battery: Facts = { ...facts, thermostat: { ...facts.thermostat, power: 'battery' } };
    expect(energized(battery, 'heat-1').has(COMPRESSOR_COIL)).toBe(true);
  });

  test('reports banks that wait for a second zone in emergency heat, and no heat without power', () => {
    const facts = boxed({ zoneBoard: true });
    const held: Facts = { ...facts, zones: { ...facts.zones, banksAlone: 'none' } };
    const said = (of: Facts) =>
      checkEquipment(jobModel(of))
        .filter(({ rule }) => rule === 'zones-let-heat')
        .map(({ severity }) => severity);
    expect([said(facts), said(held)]).toEqual([['advice'], ['warning', 'advice']]);
  });

  test('is refused together with a relay pair', () => {
    expect(refusals(boxed({ zoneBoard: true, relayPair: true })).map(({ rule }) => rule)).toEqual([
      'zone-board-with-pair',
    ]);
  });
});

describe('a dehumidistat', () => {
  test.each(['w1-w2+aux-e+single+w-out+o', 'gas+aux-e+single+no-w+o', 'packaged+aux-e+single+no-w+o'])(
    'keeps the board’s input hot, drops it in humid air, and stops nothing: %s',
    (family) => {
      const facts = boxed({ dehumidify: 'cooling' }, family);
      const [dry, damp] = [energized(facts, 'cool-1'), energized(facts, 'cool-1', 'indoor-damp')];
      expect([dry.has('dehumidify input'), damp.has('dehumidify input')]).toEqual([true, false]);
      expect([...damp, 'dehumidify input'].sort()).toEqual([...dry].sort());
      expect(rules(facts)).toEqual(rules(boxed({}, family)));
    },
  );

  test('with the board’s own jumper left in is reported: nothing drops in humid air', () => {
    const facts = boxed({ dehumidify: 'cooling' });
    const asFound = addJumper(
      wireRows(plan(facts)),
      { device: 'air-handler', mark: 'R' },
      { device: 'air-handler', mark: 'DH' },
    );
    expect(rules({ ...facts, wiring: { ...facts.wiring, asFound } })).toContain('conditions-as-planned');
  });

  test('that slows the blower on every call is refused, with the input where it belongs', () => {
    expect(refusals(boxed({ dehumidify: 'always' }))[0]).toMatchObject({
      rule: 'dehumidistat-in-heat',
      fixBy: [{ path: 'boxes.dehumidify', value: 'cooling' }],
    });
  });
});
