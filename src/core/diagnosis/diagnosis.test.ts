import { type Arbitrary, assert, constantFrom, integer, property, record } from 'fast-check';
import { causesOf } from '../causes';
import type { Cause } from '../causes/cause';
import { NOTHING } from '../causes/nothing';
import { DEFAULT_MOMENT } from '../control/moment';
import { jobModel } from '../model/job-model';
import { STARTUP_STEPS } from '../startup/steps';
import { once } from '../units/once';
import { families, familyById } from '../wiring/families';
import { COMPLAINTS } from './complaints';
import { costOf, ON_ARRIVAL } from './cost';
import { diagnose, type DiagnosisContext, diagnosisContext } from './diagnosis';
import { bothEffects } from './faulted-system';
import { bitsOf, leading, LEAST_BITS } from './next-probe';
import { type Evidence, posterior } from './posterior';
import { probesOf } from './probes';
import { runDiagnosis } from './run-diagnosis';
import { simulatedHouse } from './simulated-house';
import { predictedOn, tableOf } from './table';

const IDS = [
  'w1+aux-e+single+w-out+o',
  'gas-two-stage+aux-e+two-stage+w-out+o',
  'w1-w2+w2+single+w-in-out+sensor+b-own',
  'packaged+w2+single+no-w+b-own',
] as const;

const clinics = new Map(
  IDS.map((id) => [id, once(() => diagnosisContext(tableOf(jobModel(familyById(id)!.facts), DEFAULT_MOMENT)))]),
);
const clinic = (id: (typeof IDS)[number]): DiagnosisContext => clinics.get(id)!();
const causeIn = ({ table }: DiagnosisContext, id: string): Cause => table.causes.find((each) => each.id === id)!;
const nothingIn = (each: DiagnosisContext) => causeIn(each, NOTHING);

const anyCase = record({
  id: constantFrom(...IDS),
  pick: integer({ min: 0, max: 1e6 }),
  seed: integer({ min: 1, max: 1e6 }),
});
type Case = typeof anyCase extends Arbitrary<infer T> ? T : never;
const opened = ({ id, pick, seed }: Case) => {
  const each = clinic(id);
  return { each, table: each.table, cause: each.table.causes[pick % each.table.causes.length]!, seed };
};

describe('the catalog', () => {
  const all = families()
    .filter((_, at) => at % 60 === 0)
    .map(({ facts }) => ({ facts, wall: jobModel(facts).wall.harness }));

  test('each entry is complete, has its own id, and repeats the startup readings it must', () => {
    const steps = new Set(STARTUP_STEPS.map(({ id }) => id));
    for (const { facts, wall } of all) {
      const causes = causesOf(facts, wall);
      expect(new Set(causes.map(({ id }) => id)).size).toBe(causes.length);
      for (const { words, weight, because, confirm, fix, proves } of causes) {
        expect([words, because, confirm, fix].filter((text) => text.length < 5)).toEqual([]);
        expect(weight).toBeGreaterThan(0);
        expect(proves.filter((id) => !steps.has(id))).toEqual([]);
      }
    }
  });

  test('every kind of cause occurs on the systems that can have it, and no furnace cause on a system with strips', () => {
    const kindsOf = (id: string) => {
      const { facts } = familyById(id)!;
      return [...new Set(causesOf(facts, jobModel(facts).wall.harness).map(({ kind }) => kind))].sort();
    };
    expect(kindsOf(IDS[0])).toEqual(['air', 'nothing', 'outdoors', 'settings', 'strips', 'supply', 'wires']);
    expect(kindsOf(IDS[1])).toEqual(['air', 'furnace', 'nothing', 'outdoors', 'settings', 'supply', 'wires']);
  });

  test('what takes a license says so: refrigerant and fuel', () => {
    const { facts } = familyById(IDS[1])!;
    const causes = causesOf(facts, jobModel(facts).wall.harness);
    const byId = (id: string) => causes.find((each) => each.id === id);
    expect(byId('outdoors:charge')).toMatchObject({ by: 'licensed', caution: 'refrigerant' });
    expect(byId('furnace:gas-valve')).toMatchObject({ by: 'licensed', caution: 'fuel' });
    expect(byId('outdoors:capacitor')).toMatchObject({ by: 'technician', caution: 'capacitor' });
  });

  test('each probe has its own id, and words or a unit for its answer', () => {
    for (const { facts, wall } of all) {
      const probes = probesOf(facts, wall, causesOf(facts, wall));
      expect(new Set(probes.map(({ id }) => id)).size).toBe(probes.length);
      for (const { id, choices, marks, unit } of probes) {
        expect(id).toMatch(/^[a-z0-9-]{1,40}\/[a-z0-9-]{1,60}$/i);
        expect([choices !== null, marks !== null, unit !== ''].filter(Boolean)).toHaveLength(1);
      }
    }
  });
});

describe('a diagnosis', () => {
  test('the true cause never falls to zero under its own readings, however many', () => {
    assert(
      property(anyCase, integer({ min: 0, max: 1e6 }), (picked, from) => {
        const { table, cause, seed } = opened(picked);
        const world = simulatedHouse(table, cause, seed);
        const evidence = Array.from({ length: 12 }, (_, at): Evidence => {
          const probe = table.probes[(from + at * 17) % table.probes.length]!;
          return { probe, answer: world.answer(probe) };
        });
        const p = posterior(table, world.complaint, evidence)[table.causes.indexOf(cause)]!;
        expect(p).toBeGreaterThan(0);
      }),
      { numRuns: 40 },
    );
  });

  test.each(IDS)('with nothing wrong, “nothing wrong” wins in at most eight probes: %s', (id) => {
    const each = clinic(id);
    for (const seed of [null, 3, 11]) {
      const { end, probes } = runDiagnosis(each, nothingIn(each), seed);
      expect(end.suspects[0]!.causes).toContain(nothingIn(each));
      expect(probes.length).toBeLessThanOrEqual(8);
    }
  });

  test('causes are named right, with exact meters and with noisy ones', () => {
    let [played, right] = [0, 0];
    assert(
      property(anyCase, (picked) => {
        const { each, cause, seed } = opened(picked);
        // What shows in nothing that anyone notices is found by the startup, not by a complaint.
        const { complaint, isRight } = runDiagnosis(each, cause, seed);
        if (complaint === 'check') return;
        played++;
        if (isRight) right++;
      }),
      { numRuns: 60 },
    );
    expect(right / played).toBeGreaterThan(0.9);
  });

  test('with one misread of six, the true cause is still among the first three, nine times in ten', () => {
    let [tried, found] = [0, 0];
    for (const id of IDS) {
      const each = clinic(id);
      each.table.causes
        .filter((_, at) => at % 3 === 0)
        .forEach((cause, at) => {
          const world = simulatedHouse(each.table, cause, null);
          // What no one notices takes many readings in any case.
          if (world.complaint === 'check') return;
          const evidence: Evidence[] = [];
          const now = () => diagnose(each, { complaint: world.complaint, evidence, skipped: [] });
          while (evidence.length < 6) {
            const next = now().offers[0]?.probe;
            if (!next) break;
            const truth = world.answer(next);
            const words = each.table.row(next).readings.flatMap((one) => (one.kind === 'word' ? [one.word] : []));
            const isMisread = evidence.length === at % 6;
            const misread =
              words.find((word) => word !== truth) ?? (typeof truth === 'number' ? truth * 0.4 + 9 : truth);
            evidence.push({ probe: next, answer: isMisread ? misread : truth });
          }
          if (evidence.length < 6) return;
          tried++;
          if (
            now()
              .suspects.slice(0, 3)
              .some(({ causes }) => causes.includes(cause))
          )
            found++;
        });
    }
    expect(tried).toBeGreaterThanOrEqual(60);
    expect(found / tried).toBeGreaterThanOrEqual(0.9);
  });

  test.each([
    ['open:thermostat-cable/green', 'outdoors:capacitor', ['heat/look-blower', 'heat/look-outdoor-unit']],
    ['air:filter', 'open:reversing valve', ['any/look-filter', 'power-off/ohms-outdoor-unit-valve']],
    ['strips:element-1', 'outdoors:fan', ['element-ohms/rungs', 'heat/look-outdoor-unit']],
  ])('two causes at once, %s and %s: the pair is found, or one is said not to explain', (one, other, seen) => {
    const each = clinic(IDS[0]);
    const { table } = each;
    const patient = table.patientWith(bothEffects(causeIn(each, one).effect, causeIn(each, other).effect));
    const answered = (id: string): Evidence => {
      const probe = table.probeById(id)!;
      const reading = predictedOn(patient, probe);
      const answer = reading.kind === 'word' ? reading.word : reading.kind === 'number' ? reading.value : 'OL';
      return { probe, answer };
    };
    // What a careful look over the system would bring before anyone thinks.
    const evidence = seen.map(answered);
    const now = () => diagnose(each, { complaint: null, evidence, skipped: [] });
    let end = now();
    while (end.standpoint.kind === 'open' && evidence.length < 25) {
      evidence.push(answered(end.offers[0]!.probe.id));
      end = now();
    }
    const { standpoint } = end;
    expect(['pair', 'unexplained']).toContain(standpoint.kind);
    if (standpoint.kind !== 'pair') return;
    const named = standpoint.pairs.map(({ causes }) => causes.map(({ id }) => id));
    expect(named.some((ids) => ids.includes(one) || ids.includes(other))).toBe(true);
  });

  test('readings that no cause gives are reported as fitting nothing', () => {
    const each = clinic(IDS[0]);
    const odd = (id: string, answer: Evidence['answer']): Evidence => ({ probe: each.table.probeById(id)!, answer });
    const readings = [
      odd('control-volts/display-thermostat', 'blank'),
      odd('control-volts/volts-thermostat-R', 9),
      odd('control-volts/volts-air-handler-R', 40),
      odd('heat/supply', 160),
      odd('fan/volts-thermostat-G', 7),
    ];
    const asked = { complaint: 'blank', skipped: [] };
    // Read once, they are to be read again; read twice, no cause and no two give them.
    expect(diagnose(each, { ...asked, evidence: readings }).again).not.toBeNull();
    const { standpoint } = diagnose(each, { ...asked, evidence: [...readings, ...readings] });
    expect(standpoint.kind).toBe('unexplained');
  });

  test('line voltage is offered only when nothing else separates the leading suspects', () => {
    assert(
      property(anyCase, (picked) => {
        const { each, cause } = opened(picked);
        const { probes, complaint } = runDiagnosis(each, cause, null);
        probes.forEach(({ probe }, at) => {
          if (probe.kind !== 'live' && probe.kind !== 'licensed') return;
          const before = probes.slice(0, at);
          const taken = new Set(before.map((one) => one.probe.id));
          const lead = leading(each.classes, posterior(each.table, complaint, before));
          const safe = each.table.probes.filter(
            ({ id, kind }) => !['live', 'licensed'].includes(kind) && !taken.has(id),
          );
          expect(safe.filter((one) => bitsOf(each.table.row(one), lead) >= LEAST_BITS)).toEqual([]);
        });
      }),
      { numRuns: 30 },
    );
  });

  test('a probe that cannot be reached is not offered again, and another one is', () => {
    const each = clinic(IDS[0]);
    const asked = { complaint: 'outdoor-still', evidence: [], skipped: [] };
    const first = diagnose(each, asked).offers[0]!.probe.id;
    const then = diagnose(each, { ...asked, skipped: [first] }).offers;
    expect(then.map(({ probe }) => probe.id)).not.toContain(first);
    expect(then.length).toBeGreaterThan(0);
    // Nor is the same thing in another call.
    const thing = each.table.probeById(first)!.of.observable;
    expect(then.filter(({ probe }) => JSON.stringify(probe.of.observable) === JSON.stringify(thing))).toEqual([]);
  });
});

describe('ghost voltage', () => {
  test('is read again at low impedance: near zero with no source, unchanged with one', () => {
    const each = clinic(IDS[0]);
    const { table } = each;
    const high = table.probeById('cool/volts-air-handler-O')!;
    const asked = { complaint: 'no-cooling', evidence: [{ probe: high, answer: 8 }], skipped: [] };
    const low = diagnose(each, asked).offers.find(({ probe }) => probe.id === `${high.id}-low`)!;
    expect(low.probe.words).toMatch(/low impedance/);
    const p = (answer: number) => {
      const evidence = [...asked.evidence, { probe: low.probe, answer }];
      return diagnose(each, { ...asked, evidence }).p[
        table.causes.findIndex(({ id }) => id === 'loose:thermostat-cable/orange')
      ]!;
    };
    // A loose screw passes what little a meter of low impedance takes.
    expect(p(8)).toBeGreaterThan(10 * p(0.1));
    const dead = diagnose(each, { ...asked, evidence: [{ probe: high, answer: 0.1 }] });
    expect(dead.offers.map(({ probe }) => probe.id)).not.toContain(`${high.id}-low`);
  });
});

describe('the cost of a probe', () => {
  const { table } = clinic(IDS[0]);
  const probe = (id: string) => table.probeById(id)!;

  test('a walk, a panel and another call cost once; verifying dead comes before hands in', () => {
    const first = costOf(probe('heat/volts-outdoor-unit-Y'), ON_ARRIVAL);
    const second = costOf(probe('heat/volts-outdoor-unit-R'), first.then);
    expect(first.seconds - second.seconds).toBe(60 + 60);
    const dead = costOf(probe('power-off/ohms-outdoor-unit-Y'), second.then);
    expect(dead.seconds).toBeGreaterThan(150);
    expect(dead.then.isDead).toBe(true);
    expect(costOf(probe('heat/volts-outdoor-unit-Y'), dead.then).then.isDead).toBe(false);
  });
});

describe('complaints', () => {
  test('each is what its cause makes people say', () => {
    const each = clinic(IDS[0]);
    const saidOf = (id: string) => simulatedHouse(each.table, causeIn(each, id), null).complaint;
    expect({
      blank: saidOf('open:thermostat-cable/red'),
      hum: saidOf('outdoors:capacitor'),
      ice: saidOf('outdoors:board-dead'),
      cooling: saidOf('open:thermostat-cable/orange'),
      bill: saidOf('set:hasty-backup'),
      sound: saidOf(NOTHING),
    }).toEqual({
      blank: 'blank',
      hum: 'hum',
      ice: 'ice',
      cooling: 'no-cooling',
      bill: 'bill',
      sound: 'steam',
    });
    // A thermostat without power calls nothing, so nothing defrosts.
    const blank = each.table.complaints()[each.table.causes.indexOf(causeIn(each, 'open:thermostat-cable/blue'))]!;
    expect(blank[COMPLAINTS.findIndex(({ id }) => id === 'blank')]).toBeGreaterThan(0.9);
    for (const shares of each.table.complaints()) {
      expect(shares).toHaveLength(COMPLAINTS.length);
      expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    }
  });
});
