import fc from 'fast-check';
import { readOhms } from '../circuit/ohms';
import { type CallId, callsOf, DEFAULT_MOMENT } from '../control/moment';
import { NO_FAULTS, type Scenario, withCondition } from '../control/scenario';
import { sensorOhms } from '../devices/outdoor-sensor';
import { assumedFacts, type Facts } from '../job/document';
import { CHOICES, choicesOf, methodsHere } from '../model/choices';
import { jobModel } from '../model/job-model';
import { landEnd, wireRows, withWires } from './as-found';
import { statesByCall } from './behavior';
import { drawing, mayLand } from './drawing';
import { families } from './families';
import { faultTable } from './fault-table';
import { ghostWords } from './ghost-volts';
import { plan } from './plan';
import { heaviestCall, powerReport } from './power';
import { refusals } from './refusals';
import { benchFor, wiringState } from './state';
import { roomNote, traceCall } from './trace';

const base = assumedFacts();
const gated: Facts = {
  ...base,
  cables: { ...base.cables, thermostatConductors: 10, outdoorConductors: 8 },
  gates: { ...base.gates, outdoorThermostats: [{ bank: 0, closesBelowF: 25 }] },
};
const traced = (facts: Facts, call: CallId, outdoorF: number, scenario: Scenario = NO_FAULTS) => {
  const { sound, harness, state } = jobModel(facts, scenario);
  return traceCall(facts, sound, harness, state({ ...DEFAULT_MOMENT, call, outdoorF }));
};
const ofCoil = (traces: ReturnType<typeof traced>, id: string) => traces.find(({ coil }) => coil.id === id)!;
const FAMILIES = families();

describe('trace', () => {
  test('a running coil is traced from the transformer without a stop, volts falling along the way', () => {
    const { status, steps } = ofCoil(traced(base, 'heat-1', 30), 'contactor');
    expect(status).toBe('runs');
    expect(steps.every(({ passes }) => passes)).toBe(true);
    expect(steps.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['source', 'contact', 'conductor', 'coil', 'common']),
    );
    const volts = steps.map((step) => step.volts);
    expect(volts[0]).toBeGreaterThan(24);
    expect([...volts].sort((a, b) => b - a)).toEqual(volts);
  });

  test('auxiliary heat locked out outdoors is worded so, at the switch that does it', () => {
    const { status, steps, held } = ofCoil(traced(gated, 'heat-aux', 38), 'heat bank 1');
    expect(status).toBe('stopped');
    expect(steps.find(({ passes }) => !passes)).toMatchObject({
      kind: 'contact',
      id: 'outdoor thermostat 1',
      why: expect.stringContaining('Outdoor thermostat 1 is open above 25 °F'),
    });
    expect(held).toEqual([expect.stringContaining('The thermostat shows AUX, but the strips are locked out')]);
    expect(ofCoil(traced(gated, 'emergency', 38), 'heat bank 1').status).toBe('runs');
  });

  test('a condition and a missing conductor stop it where they are', () => {
    expect(
      ofCoil(traced(base, 'heat-1', 30, withCondition('board-lockout')), 'contactor').steps.find(
        ({ passes }) => !passes,
      ),
    ).toMatchObject({ id: 'unit safeties' });
    const planned = plan(base);
    const harness = withWires(planned, landEnd(wireRows(planned), 'thermostat-cable/yellow', 'to', null));
    const { steps } = traceCall(
      base,
      benchFor(base, planned),
      harness,
      wiringState(base, harness, DEFAULT_MOMENT),
    ).find(({ coil }) => coil.id === 'contactor')!;
    expect(steps.find(({ passes }) => !passes)).toMatchObject({
      kind: 'conductor',
      id: 'thermostat-cable/yellow',
      why: expect.stringContaining('Planned but missing'),
    });
  });

  test('in every family what runs has no stop, and what does not has one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FAMILIES),
        fc.nat(),
        fc.integer({ min: -20, max: 70 }),
        ({ facts }, at, outdoorF) => {
          const calls = callsOf(facts);
          for (const { status, steps } of traced(facts, calls[at % calls.length]!, outdoorF))
            expect(steps.every(({ passes }) => passes)).toBe(status === 'runs');
        },
      ),
      { numRuns: 150 },
    );
  });

  test('a room above the setpoint is pointed out', () => {
    expect(roomNote(base, { ...DEFAULT_MOMENT, indoorF: 74 })).toMatch(/74 °F is above the 68 °F setpoint/);
    expect(roomNote(base, { ...DEFAULT_MOMENT, call: 'cool-1', indoorF: 74 })).toBeNull();
  });
});

describe('meter', () => {
  test('ohms with the power off: a coil, an open path, the sensor, and nothing', () => {
    const facts: Facts = {
      ...base,
      thermostat: { ...base.thermostat, outdoorSensor: 'wired' },
      cables: { ...base.cables, thermostatConductors: 10, outdoorConductors: 8 },
    };
    const { atRest: network } = wiringState(facts, plan(facts), { ...DEFAULT_MOMENT, call: 'off', outdoorF: 32 });
    expect(readOhms(network, 'outdoor-unit.Y', 'outdoor-unit.C')).toBeCloseTo(24 ** 2 / 7, 0);
    expect(readOhms(network, 'thermostat.S1', 'thermostat.S2')).toBeCloseTo(sensorOhms(32), -2);
    expect(readOhms(network, 'thermostat.S1', 'thermostat.R')).toBe('OL');
    expect(readOhms(network, 'thermostat.R', 'thermostat.R')).toBe(0);
    expect(readOhms(network, 'thermostat.R', 'nowhere')).toBe('OL');
    expect(sensorOhms(77)).toBeCloseTo(10_000, 6);
    expect(sensorOhms(0)).toBeGreaterThan(sensorOhms(60));
  });

  test('an open common outdoors lifts dead terminals, and the ghost voltage is explained by the coils that feed it', () => {
    const planned = plan(base);
    const harness = withWires(planned, landEnd(wireRows(planned), 'outdoor-cable/blue', 'to', null));
    const state = wiringState(base, harness, { ...DEFAULT_MOMENT, call: 'off' });
    const [o, c] = [
      { device: 'outdoor-unit', mark: 'O' },
      { device: 'air-handler', mark: 'C' },
    ] as const;
    expect(ghostWords(harness, state, o, c)).toMatch(/fed only through reversing valve/);
    expect(
      ghostWords(
        planned,
        wiringState(base, planned, DEFAULT_MOMENT),
        { device: 'outdoor-unit', mark: 'Y' },
        { device: 'outdoor-unit', mark: 'C' },
      ),
    ).toBeNull();
  });
});

describe('VA and volts', () => {
  test('the heaviest call carries the most, and the drop in a cable is its current times its resistance', () => {
    const harness = plan(base);
    const states = statesByCall(base, benchFor(base, harness), DEFAULT_MOMENT);
    const { call, va } = heaviestCall(harness, states);
    expect(va).toBeGreaterThan(20);
    const report = powerReport(base, harness, states);
    expect(report.call).toBe(call);
    for (const { ohms, worst } of report.drops) expect(worst!.volts).toBeCloseTo(worst!.amps * ohms, 9);
    expect(report.fuseOpenedAtAmps).toBeNull();
  });
});

describe('refusals', () => {
  test.each<[string, Partial<{ [G in keyof Facts]: Partial<Facts[G]> }>]>([
    ['oil-in-packaged', { system: { cabinet: 'packaged', backup: 'furnace' }, furnace: { fuel: 'fuel-oil' } }],
    ['furnace-not-called', { system: { backup: 'furnace' }, thermostat: { heatTerminals: 'none' } }],
    ['sensor-without-terminals', { thermostat: { outdoorSensor: 'wired', hasSensorTerminals: false } }],
    [
      'emergency-through-thermostat',
      { thermostat: { heatTerminals: 'W2' }, gates: { outdoorThermostats: [{ bank: 0, closesBelowF: 30 }] } },
    ],
    [
      'switch-without-call',
      { thermostat: { heatTerminals: 'none' }, gates: { outdoorThermostats: [{ bank: 0, closesBelowF: 30 }] } },
    ],
    ['switch-gates-nothing', { gates: { outdoorThermostats: [{ bank: 3, closesBelowF: 30 }] } }],
    [
      'switch-beside-through-board',
      {
        outdoorUnit: { wTerminals: 'W-in+W-out' },
        gates: { outdoorThermostats: [{ bank: 0, closesBelowF: 30 }], outdoorThermostatsAt: 'beside' },
      },
    ],
    ['fault-heat-without-output', { outdoorUnit: { wTerminals: 'none', faultOutput: 'heat' } }],
    ['board-in-packaged', { system: { cabinet: 'packaged' }, outdoorUnit: { faultOutput: 'lamp' } }],
  ])('%s, with a reason and a fix', (id, change) => {
    const facts = Object.fromEntries(
      Object.entries(base).map(([group, values]) => [group, { ...values, ...change[group as keyof Facts] }]),
    ) as unknown as Facts;
    const found = refusals(facts).find(({ rule }) => rule === id)!;
    expect([found.why.length > 10, found.fix.length > 10, found.fact !== undefined]).toEqual([true, true, true]);
    const mended = (found.fixBy ?? []).reduce<Facts>((all, { path, value }) => {
      const [group, name] = path.split('.') as [keyof Facts, string];
      return { ...all, [group]: { ...all[group], [name]: value } };
    }, facts);
    if (found.fixBy) expect(refusals(mended).map(({ rule }) => rule)).not.toContain(id);
  });
});

describe('practice options', () => {
  test('one side is in use, the other says what it changes; an outdoor lockout holds the strips off in mild weather', () => {
    for (const choice of choicesOf(base)) expect(methodsHere(base, choice, DEFAULT_MOMENT)).toHaveLength(2);
    const gate = CHOICES.find(({ id }) => id === 'outdoor-gate')!;
    const [outdoors] = methodsHere(base, gate, { ...DEFAULT_MOMENT, outdoorF: 45 });
    expect(outdoors).toMatchObject({ isInForce: false, refusedWhy: null });
    expect(outdoors!.behavior.join(' ')).toMatch(/Sequencer 1 does not pull in on: heat \+ aux/);
    expect(outdoors!.wires.join(' ')).toMatch(/outdoor thermostats 1 in/);
    expect(methodsHere(gated, gate, DEFAULT_MOMENT)[0]!.isInForce).toBe(true);
  });
});

describe('faults', () => {
  test('each is worded by what no longer runs', () => {
    const table = faultTable(base, benchFor(base, plan(base)), DEFAULT_MOMENT);
    const effects = (id: string) => table.find((row) => row.code === id)!.effects.join(' ');
    expect(effects('open:contactor')).toMatch(/Contactor does not pull in on: heat, heat \+ aux, cool, defrost/);
    expect(effects('stuck-closed:thermostat R–Y')).toMatch(/Contactor pulls in on: off, fan, emergency/);
    expect(effects('open:jumper/thermostat.AUX–thermostat.E')).toMatch(/Sequencer 1 does not pull in on: emergency/);
    expect(table.some(({ code }) => code.startsWith('swap:'))).toBe(true);
    const means = (id: string) => table.find((row) => row.code === id)!.consequence;
    expect(means('open:contactor')).toBe('no heat pump');
    expect(means('stuck-closed:thermostat R–Y')).toBe('compressor runs uncalled');
    expect(means('open:jumper/thermostat.AUX–thermostat.E')).toBe('no emergency heat, no blower');
    for (const { effects, consequence } of table)
      expect([consequence, consequence === 'no change']).toEqual([consequence, effects.length === 0]);
  });
});

describe('drawing', () => {
  type Segment = {
    readonly wire: string;
    readonly x1: number;
    readonly y1: number;
    readonly x2: number;
    readonly y2: number;
  };
  const segments = (facts: Facts): Segment[] => {
    const harness = plan(facts);
    return drawing(harness, harness)
      .wires.filter(({ isSpare }) => !isSpare)
      .flatMap(({ id, points }) =>
        points.slice(1).map((to, at) => ({ wire: id, x1: points[at]!.x, y1: points[at]!.y, x2: to.x, y2: to.y })),
      );
  };
  const overlap = (a1: number, a2: number, b1: number, b2: number) =>
    Math.min(Math.max(a1, a2), Math.max(b1, b2)) - Math.max(Math.min(a1, a2), Math.min(b1, b2)) > 0.5;

  test('in no family does a wire run along another, or through a device', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), ({ facts }) => {
        const all = segments(facts);
        const along = all.flatMap((one, at) =>
          all
            .slice(at + 1)
            .filter(
              (other) =>
                other.wire !== one.wire &&
                ((one.x1 === one.x2 &&
                  other.x1 === other.x2 &&
                  Math.abs(one.x1 - other.x1) < 4 &&
                  overlap(one.y1, one.y2, other.y1, other.y2)) ||
                  (one.y1 === one.y2 &&
                    other.y1 === other.y2 &&
                    Math.abs(one.y1 - other.y1) < 2 &&
                    overlap(one.x1, one.x2, other.x1, other.x2))),
            )
            .map((other) => `${one.wire} along ${other.wire}`),
        );
        expect(along).toEqual([]);
        const harness = plan(facts);
        for (const { x, y, width, height } of drawing(harness, harness).devices)
          for (const { x1, y1, x2, y2 } of all)
            if (overlap(x1, x2, x, x + width) || (x1 === x2 && x1 > x && x1 < x + width))
              expect(overlap(y1, y2, y, y + height) || (y1 === y2 && y1 > y && y1 < y + height)).toBe(false);
      }),
      { numRuns: 150 },
    );
  });

  test('a cable reaches only the devices at its ends', () => {
    const harness = plan(base);
    const [wall, yard] = harness.cables;
    expect(mayLand(harness, wall!, 'from', 'thermostat')).toBe(true);
    expect(mayLand(harness, wall!, 'to', 'outdoor-unit')).toBe(false);
    expect(mayLand(harness, yard!, 'to', 'outdoor-unit')).toBe(true);
    expect(mayLand(harness, yard!, 'to', 'furnace')).toBe(false);
  });
});
