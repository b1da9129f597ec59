import fc from 'fast-check';
import { findingsOf as findingsOfModel } from '../check';
import { DEFAULT_MOMENT, type Moment } from '../control/moment';
import { assumedFacts, type Facts } from '../job/document';
import { type Reading, type ReadingValue, takenReading } from '../job/reading';
import { jobModel } from '../model/job-model';
import { observedNow, stripKeys } from '../model/observation-key';
import { SAMPLES } from '../samples';
import { kitFit } from './belongs';
import { clampId, clampPlaces, clampReach, expectedAmpsNow } from './clamp';
import { ampacityOf, gaugeFor, smallBreakerAmps } from './conductors';
import { elementOhms } from './element';
import { kitEvidence } from './evidence';
import { findKits, type KitEvidence, withStagger } from './find-kit';
import { ladder } from './ladder';
import { ladderState } from './ladder-state';
import { measuredFindings, ohmsItem } from './measured';
import { partPanel } from './parts';
import { ampsMeaning } from './reading-meaning';

type Words = Parameters<typeof findingsOfModel> extends [unknown, ...infer Rest] ? Rest : never;
const findingsOf = (facts: Facts, ...words: Words) => findingsOfModel(jobModel(facts), ...words);

// Three elements of 4.8 kW, two circuits, banks 1 1 2, switches at 20, 50, 75 s, blower 3.1 A on circuit 1.
const { facts } = SAMPLES[1]!;
const withKit = (change: Partial<Facts['heatKit']>, base: Facts = facts): Facts => ({
  ...base,
  heatKit: { ...base.heatKit, ...change },
});
const moment = (call: Moment['call']): Moment => ({ ...DEFAULT_MOMENT, outdoorF: 19, call });
const at = (seconds: number, call: Moment['call'] = 'heat-aux', of = facts) =>
  ladderState(of, jobModel(of).wall, moment(call), seconds, 240);
const closed = (state: ReturnType<typeof at>) =>
  state.rungs.filter(({ isClosed }) => isClosed).map(({ rung }) => rung.at + 1);
const reading = (item: string, value: ReadingValue): Reading =>
  takenReading({
    id: item,
    item,
    visit: 'v',
    value,
    place: null,
    at: '2026-02-01T10:00:00Z',
    author: 'R',
    instrument: '',
    replaces: null,
  });

const anyKit = fc
  .record({
    rows: fc.array(
      fc.record({
        kW: fc.constantFrom(2.4, 3, 3.6, 4.8, 5),
        bank: fc.integer({ min: 1, max: 3 }),
        onS: fc.integer({ min: 0, max: 120 }),
        offS: fc.integer({ min: 0, max: 120 }),
      }),
      { minLength: 1, maxLength: 6 },
    ),
    hasLinks: fc.boolean(),
    hasInterlock: fc.boolean(),
    blowerOnFirstCircuit: fc.boolean(),
    switching: fc.constantFrom('sequencer' as const, 'relay' as const, 'contactor' as const),
  })
  .map(({ rows, ...rest }): Facts => ({
    ...withKit({ elements: rows, ...rest }),
    airHandler: { ...facts.airHandler, wInputs: 'W1+W2+W3' },
  }));

describe('the ladder', () => {
  test('has a rung for each element, on its circuit', () => {
    fc.assert(
      fc.property(anyKit, (any) =>
        expect(ladder(any).circuits.flatMap(({ rungs }) => rungs.map((rung) => rung.at))).toEqual(
          any.heatKit.elements.map((_, index) => index),
        ),
      ),
    );
  });

  test('leaves out a link that is not fitted, and names a bank without an input', () => {
    const [circuit] = ladder({
      ...withKit({ hasLinks: false, elements: [{ kW: 5, bank: 3, onS: 0, offS: 0 }] }),
    }).circuits;
    expect(circuit!.rungs[0]).toMatchObject({ parts: ['breaker', 'element', 'limit', 'switch'], input: null });
  });

  test.each([
    [0, []],
    [19, []],
    [20, [1]],
    [60, [1, 2]],
    [75, [1, 2, 3]],
  ])('%i s after the call, closed: %j', (seconds, on) => expect(closed(at(seconds))).toEqual(on));

  test('settled counts the off delay of a bank that drops out, and the on delays of those that come on', () => {
    const apart = withKit({
      elements: [
        { kW: 4.8, bank: 1, onS: 10, offS: 5 },
        { kW: 4.8, bank: 2, onS: 20, offS: 90 },
      ],
    });
    const { settlesS, rungs } = at(0, 'off', apart);
    expect(rungs.some(({ hasCall }) => hasCall)).toBe(false);
    expect(settlesS).toBe(90);
    expect(at(0, 'emergency', apart).settlesS).toBe(20);
  });

  test('after the call the switches open one by one, and the interlock keeps the blower on', () => {
    expect([0, 20, 45, 70].map((seconds) => closed(at(seconds, 'off')))).toEqual([[1, 2, 3], [1, 2], [1], []]);
    expect(at(30, 'off').blower).toEqual({ runs: true, because: 'the interlock on the first sequencer keeps it on' });
    expect(at(30, 'off', withKit({ hasInterlock: false })).blower.runs).toBe(false);
    expect(at(90, 'off').blower.runs).toBe(false);
  });

  test('with the switch open the rung is live and carries no current; only its breaker makes it dead', () => {
    const open = at(0).rungs[0]!;
    expect([open.isFed, open.isClosed, open.amps]).toEqual([true, false, 0]);
    const tripped = ladderState(facts, jobModel(facts).wall, moment('heat-aux'), 100, 240, new Set([0]));
    expect(tripped.rungs.map(({ isFed, glows }) => [isFed, glows])).toEqual([
      [false, false],
      [false, false],
      [true, true],
    ]);
    expect(tripped.blower).toEqual({ runs: false, because: 'its breaker is open' });
  });

  test('never heats without the blower if an interlock is fitted and powered', () => {
    fc.assert(
      fc.property(
        anyKit,
        fc.integer({ min: 0, max: 200 }),
        fc.constantFrom('off' as const, 'heat-aux' as const, 'emergency' as const, 'defrost' as const),
        (any, seconds, call) => {
          const state = at(seconds, call, withKit({ hasInterlock: true }, any));
          if (state.heaterAmps > 0) expect(state.blower.runs).toBe(true);
        },
      ),
    );
  });

  test('settled in emergency heat, every element is on', () => {
    fc.assert(
      fc.property(anyKit, (any) => expect(at(1000, 'emergency', any).rungs.every(({ glows }) => glows)).toBe(true)),
    );
  });
});

describe('the clamp', () => {
  test('has a place at the main, at each circuit, element and the blower', () =>
    expect(clampPlaces(facts).map(clampId)).toEqual([
      'main',
      'circuit-1',
      'circuit-2',
      'element-1',
      'element-2',
      'element-3',
      'blower',
    ]));

  test('decides the expected amps', () => {
    const state = at(60);
    const amps = Object.fromEntries(
      clampPlaces(facts).map((clamp) => [clampId(clamp), expectedAmpsNow(facts, clamp, state, 240)]),
    );
    expect(amps).toMatchObject({
      main: 43.1,
      'circuit-1': 43.1,
      'circuit-2': 0,
      'element-1': 20,
      'element-3': 0,
      blower: 3.1,
    });
  });

  test('the circuits add up to the main', () => {
    fc.assert(
      fc.property(anyKit, fc.integer({ min: 0, max: 150 }), (any, seconds) => {
        const state = at(seconds, 'heat-aux', any);
        const circuits = ladder(any).circuits.map(({ at: index }) =>
          expectedAmpsNow(any, { kind: 'circuit', at: index }, state, 236),
        );
        expect(circuits.reduce((sum, amps) => sum + amps, 0)).toBeCloseTo(
          expectedAmpsNow(any, { kind: 'main' }, state, 236),
          6,
        );
      }),
    );
    expect(clampReach(withKit({ blowerOnFirstCircuit: false }), { kind: 'main' })).toMatchObject({ hasBlower: false });
  });
});

describe('what a reading means', () => {
  const means = (
    amps: number,
    { volts = 240 as number | null, seconds = 120, call = 'heat-aux' as Moment['call'], of = facts } = {},
  ) => ampsMeaning(of, { kind: 'main' }, amps, volts, at(seconds, call, of));

  test.each([
    ['all on', means(63.1), 'sound', /elements 1, 2, 3 on: everything called is on/],
    ['one dead', means(43.1), 'dead', /not heating/],
    ['the blower alone', means(3.1), 'blower', /The blower alone: no heat/],
    [
      'not in yet, told from dead',
      means(43.1, { seconds: 60 }),
      'not-yet',
      /element 3 not on yet: its sequencer closes up to 75 s/,
    ],
    ['early, nothing in yet', means(3.1, { seconds: 5 }), 'blower', /no heat yet/],
    ['still on after the call', means(63.1, { call: 'off', seconds: 10 }), 'more', /still on from the last call/],
    ['on without a call', means(23.1, { call: 'fan', seconds: 500 }), 'more', /without a call/],
    ['low supply, volts read', means(3.1 + 60 * (208 / 240), { volts: 208 }), 'sound', /everything called is on/],
  ] as const)('%s', (_, [first], kind, words) => {
    expect(first).toMatchObject({ kind, words: expect.stringMatching(words) });
  });

  test('with the volts unread, a low supply is offered along with the elements', () => {
    const ways = means(3.1 + 60 * (215 / 240), { volts: null });
    expect(ways.map(({ kind }) => kind)).toContain('low-supply');
    expect(ways.find(({ kind }) => kind === 'low-supply')!.words).toMatch(/at 215 V/);
  });

  test('the blower in or out of the clamp is stated', () =>
    expect(means(60)[0]).toMatchObject({ kind: 'sound', words: expect.stringContaining('blower not in the clamp') }));

  test('an unexplained reading is left unexplained', () => expect(means(31)).toEqual([]));

  test('of two equal elements it is one of the two: a clamp cannot tell which', () => {
    const pair = withKit({ elements: [1, 2].map(() => ({ kW: 4.8, bank: 1, onS: 0, offS: 0 })) });
    const { words } = means(3.1 + 20, { of: pair })[0]!;
    expect(words).toMatch(/^one of elements 1, 2 on, one not heating: the elements are identical/);
    expect(words).not.toMatch(/element 1 on|element 2 not/);
  });

  test('unequal elements are told apart', () => {
    const unlike = withKit({
      elements: [
        { kW: 4.8, bank: 1, onS: 0, offS: 0 },
        { kW: 3.6, bank: 1, onS: 0, offS: 0 },
        { kW: 2.4, bank: 1, onS: 0, offS: 0 },
      ],
    });
    expect(means(3.1 + 30, { of: unlike })[0]!.words).toMatch(/^elements 1, 3 on; element 2 not heating/);
  });
});

describe('finding the kit', () => {
  const known = (evidence: Partial<KitEvidence>) =>
    findKits({ ratedVolts: 240, blowerAmps: 2.5, blowerOnFirstCircuit: true, ...evidence });

  test('plate and ohms together are certain', () =>
    expect(known({ plateKW: 9.6, ohms: [12, 12.1] })[0]).toMatchObject({
      elementsKW: [4.8, 4.8],
      sure: 'sure',
      against: [],
    }));
  test('ohms alone are likely at most', () =>
    expect(known({ ohms: [12, 12.1] })[0]).toMatchObject({
      elementsKW: [4.8, 4.8],
      sure: expect.stringMatching(/likely|possible/),
    }));
  test('an open element is assumed equal to its neighbor', () =>
    expect(known({ ohms: [16, 'OL'], plateKW: 7.2 })[0]).toMatchObject({ elementsKW: [3.6, 3.6] }));
  test('amps and volts of a low supply still find it', () =>
    expect(known({ plateKW: 10, running: { amps: 36.1, volts: 208 } })[0]).toMatchObject({
      elementsKW: [5, 5],
      against: [],
    }));
  test('breakers alone leave it open', () => expect(known({ breakersAmps: [60] })[0]!.sure).not.toBe('sure'));
  test('unequal elements are found by their ohms', () =>
    expect(known({ ohms: [12, 16], plateKW: 8.4 })[0]).toMatchObject({ elementsKW: [4.8, 3.6], sure: 'sure' }));
  test('nothing known, nothing found', () => expect(known({})).toEqual([]));

  test('what is entered ranks first if the plate allows several: 5 + 5 before 10, before three of 3.33', () => {
    const kits = known({ plateKW: 10, enteredKW: [5, 5] });
    expect(kits[0]!.elementsKW).toEqual([5, 5]);
  });

  test('a contradiction is kept', () => {
    const [first] = known({ plateKW: 15, ohms: [12, 12] });
    expect(first!.sure).not.toBe('sure');
    expect([...first!.because, ...first!.against].join()).toMatch(/plate 15 kW/);
    expect(first!.against.length).toBeGreaterThan(0);
  });

  test('any real kit of equal elements is found from plate and cold ohms', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(3, 3.6, 4.8, 5),
        fc.integer({ min: 1, max: 5 }),
        fc.double({ min: 0.98, max: 1.02, noNaN: true }),
        (kW, count, off) => {
          const ohms = Array.from({ length: count }, () => elementOhms({ kW, ratedVolts: 240 }) * off);
          const [first] = known({ plateKW: Math.round(kW * count * 10) / 10, ohms });
          expect(first!.totalKW).toBeCloseTo(kW * count, 1);
          expect(first!.elementsKW).toHaveLength(count);
        },
      ),
    );
  });

  test('evidence comes from what was confirmed and read', () => {
    const readings = [
      reading(ohmsItem(0), 12),
      reading(ohmsItem(1), 'OL'),
      reading('strips/volts', 236),
      reading('strips/amps-main', 42),
    ];
    expect(
      kitEvidence(facts, new Set(['heatKit.breakersAmps']), observedNow(facts, readings), stripKeys(facts)),
    ).toMatchObject({
      plateKW: 14.4,
      breakersAmps: [60, 25],
      ohms: [12, 'OL'],
      running: { amps: 38.9, volts: 236 },
    });
    expect(kitEvidence(facts, new Set(), new Map(), stripKeys(facts))).not.toHaveProperty('breakersAmps');
  });

  test('applied to the Survey, the delays and banks entered there stay', () => {
    expect(withStagger([5, 5, 5, 5], facts.heatKit.elements)).toEqual([
      { kW: 5, bank: 1, onS: 20, offS: 70 },
      { kW: 5, bank: 1, onS: 50, offS: 45 },
      { kW: 5, bank: 2, onS: 75, offS: 20 },
      { kW: 5, bank: 1, onS: 95, offS: 20 },
    ]);
  });
});

describe('whether the kit fits', () => {
  test('stages warm more in thinner air and with the heat pump', () => {
    const fit = kitFit(facts, 20_000, 66, 240);
    expect(fit.stages.map(({ kW }) => kW)).toEqual([9.6, expect.closeTo(14.4, 6)]);
    const [first, second] = fit.stages;
    expect(second!.aloneF).toBeGreaterThan(first!.aloneF);
    expect(first!.withHeatPumpF).toBeGreaterThan(first!.aloneF);
    expect(
      kitFit({ ...facts, site: { ...facts.site, elevationFt: 0 } }, 20_000, 66, 240).stages[0]!.aloneF,
    ).toBeLessThan(first!.aloneF);
    expect(fit).toMatchObject({ isAllowed: true, hasAir: true });
  });

  test('circuits compare what is needed with what was found', () => {
    expect(
      kitFit(facts, 0, 66, 240).circuits.map(({ needsBreakerAmps, foundBreakerAmps, needsAwg, foundAwg }) => [
        needsBreakerAmps,
        foundBreakerAmps,
        needsAwg,
        foundAwg,
      ]),
    ).toEqual([
      [60, 60, 6, 6],
      [25, 25, 10, 10],
    ]);
  });

  test('an element over 48 A by itself is questioned: splitting the others does not help', () => {
    const whole = withKit({ elements: [{ kW: 14.4, bank: 1, onS: 0, offS: 0 }], breakersAmps: [80] });
    const said = findingsOf(whole).filter(({ rule }) => rule === 'breakers-fit');
    expect(said.map(({ severity, fact, what }) => [severity, fact, what])).toEqual([
      ['error', 'heatKit.elements', expect.stringMatching(/^Element 1 alone draws 60 A at 240 V: over the 48 A/)],
    ]);
  });

  test('a 230 V kit on 240 V is sized at what it draws there: 46.6 A of heater on its plate is 48.6 A', () => {
    // 10.72 kW at 230 V: 46.6 A, which one circuit may have. At 240 V 48.6 A, 60.8 A with the 125 %: two circuits.
    const rows = [1, 2].map(() => ({ kW: 5.36, bank: 1, onS: 0, offS: 0 }));
    const on = (serviceVolts: number) =>
      kitFit(
        withKit({ elements: rows, ratedVolts: 230, serviceVolts, blowerOnFirstCircuit: false }),
        0,
        66,
        serviceVolts,
      ).circuits;
    expect(on(230)).toHaveLength(1);
    expect(on(240)).toHaveLength(2);
  });

  test('ampacity by metal and column (NEC 310.16), and the breaker on a small conductor (240.4(D))', () => {
    const copper60 = { metal: 'copper', column: 60 } as const;
    const copper75 = { metal: 'copper', column: 75 } as const;
    const aluminum75 = { metal: 'aluminum', column: 75 } as const;
    expect([14, 10, 6, 5].map((awg) => ampacityOf(copper60, awg))).toEqual([15, 30, 55, null]);
    expect([14, 10, 6, 4].map((awg) => ampacityOf(copper75, awg))).toEqual([20, 35, 65, 85]);
    expect([12, 6, 4, 2].map((awg) => ampacityOf(aluminum75, awg))).toEqual([20, 50, 65, 90]);
    expect([15, 25, 53.9, 500].map((amps) => gaugeFor(copper60, amps))).toEqual([14, 10, 6, null]);
    expect(gaugeFor(aluminum75, 56.3)).toBe(4);
    expect([14, 10, 8].map((awg) => smallBreakerAmps(copper75, awg))).toEqual([15, 30, null]);
  });

  const conductors = (change: Partial<Facts['heatKit']>) =>
    findingsOf({
      ...withKit({ conductorsAwg: [6, 10], breakersAmps: [60, 30], ...change }),
      airHandler: { ...facts.airHandler, blowerAmps: 5 },
    })
      .filter(({ rule, severity }) => rule === 'conductors-fit' && severity !== 'advice')
      .map(({ severity, what }) => `${severity}: ${what}`);
  const wire = { conductorType: 'building-wire', terminalsC: '75' } as const;
  test.each<[string, Partial<Facts['heatKit']>, string | null]>([
    ['not read yet', {}, 'warning: Circuit 1: 6 AWG copper carries 55 A as NM-B or on 60 °C terminals, 65 A at 75 °C'],
    ['terminals not read', { conductorType: 'building-wire' }, 'warning: Circuit 1'],
    [
      'NM-B at 75 °C terminals',
      { conductorType: 'nm-b', terminalsC: '75' },
      'error: Circuit 1: 6 AWG copper carries 55 A (60 °C',
    ],
    [
      'a 60 °C terminal',
      { conductorType: 'building-wire', terminalsC: '60' },
      'error: Circuit 1: 6 AWG copper carries 55 A (60 °C',
    ],
    ['75 °C all through', wire, null],
    [
      'aluminum',
      { ...wire, conductorMetal: 'aluminum', conductorsAwg: [6, 8] },
      'error: Circuit 1: 6 AWG aluminum carries 50 A (75 °C',
    ],
    [
      'breaker too large',
      { ...wire, breakersAmps: [80, 30] },
      'error: Circuit 1: a 80 A breaker on 6 AWG copper, which may have 70 A',
    ],
    ['next size up allowed', { ...wire, breakersAmps: [70, 30] }, null],
  ])('a 60 A circuit that needs 56 A, on 6 AWG: %s', (_, change, said) => {
    const found = conductors(change);
    if (said === null) expect(found).toEqual([]);
    else expect(found).toEqual([expect.stringContaining(said)]);
  });

  const rulesOf = (changed: Facts) => findingsOf(changed).map(({ rule, severity }) => `${severity} ${rule}`);
  test.each<[string, Facts]>([
    [
      'error kit-allowed',
      withKit(
        { elements: facts.heatKit.elements.slice(0, 2), plateKW: 9.6 },
        { ...facts, airHandler: { ...facts.airHandler, allowedKitsKW: [4.8, 14.4] } },
      ),
    ],
    ['error conductors-fit', withKit({ conductorsAwg: [8, 10] })],
    ['warning conductors-fit', withKit({ conductorsAwg: [5, 10] })],
    ['advice conductors-fit', withKit({ conductorsAwg: [4, 10] })],
    ['warning plate-agrees', withKit({ plateKW: 10 })],
    ['error supply-not-too-hot', { ...facts, airHandler: { ...facts.airHandler, maxSupplyF: 100 } }],
    ['error volts-suit', withKit({ ratedVolts: 208 })],
    [
      'error breakers-fit',
      withKit({
        elements: [{ kW: 24, bank: 1, onS: 0, offS: 0 }],
        ratedVolts: 208,
        serviceVolts: 208,
        breakersAmps: [125],
      }),
    ],
  ])('%s', (expected, changed) => expect(rulesOf(changed)).toContain(expected));

  test('the sample has no finding', () => expect(rulesOf(facts)).toEqual([]));
});

test('plate and measurement that contradict each other are a finding, and neither overrides the other', () => {
  const findings = measuredFindings(facts, [
    reading(ohmsItem(0), 18),
    reading(ohmsItem(1), 'OL'),
    reading(ohmsItem(2), 12.1),
  ]);
  expect(findings.map(({ severity, what }) => [severity, what])).toEqual([
    ['warning', 'Element 1 reads 18 Ω: 3.2 kW, not the 4.8 kW on the Survey.'],
    ['error', 'Element 2 reads OL.'],
  ]);
});

test('every part says what it is for, how it fails, what it reads, and its caution', () => {
  for (const switching of ['sequencer', 'relay', 'contactor'] as const) {
    const [rung] = ladder(facts).circuits[0]!.rungs;
    for (const kind of rung!.parts)
      for (const words of Object.values(partPanel(kind, rung!, 236, switching)))
        expect(words.length).toBeGreaterThan(8);
    expect(partPanel('element', rung!, 236, switching).cold).toMatch(/^12 Ω/);
  }
});

test('three banks are wired with both jumpers, and every one comes on in emergency heat', () => {
  const three: Facts = {
    ...withKit({ elements: [1, 2, 3].map((bank) => ({ kW: 4.8, bank, onS: 0, offS: 0 })) }, assumedFacts()),
    airHandler: { ...assumedFacts().airHandler, wInputs: 'W1+W2+W3' },
  };
  expect(closed(at(1, 'emergency', three))).toEqual([1, 2, 3]);
});
