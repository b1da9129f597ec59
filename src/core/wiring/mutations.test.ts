import fc from 'fast-check';
import { runs } from '../../../tests/runs';
import { checkEquipment } from '../check/equipment';
import { conditionsOf } from '../control/conditions';
import { DEFAULT_MOMENT } from '../control/moment';
import type { Facts } from '../job/document';
import { findingKey } from '../job/finding';
import { type JobModel, jobModel } from '../model/job-model';
import { predict } from '../model/predict';
import { wireRows } from './as-found';
import { allCoils, behaviorChanges } from './behavior';
import { differences } from './differences';
import { families, type Family, familyById } from './families';
import type { TerminalRef } from './harness';
import { joined } from './joined';
import { bridges, exchanges, mutated, type Mutation, removals } from './mutations';
import { wiringSubject } from './rules/subject';
import { supplyOf } from './state';

const FAMILIES = families();
/** Every 97th family is enough here; `npm run mutations` takes them all. */
const EVERY = process.env.SWEEP === 'all' ? 1 : 97;
const SOME = FAMILIES.filter((_, at) => at % EVERY === 5 % EVERY);

const SENSOR_ENDS = ['S1', 'S2'].map((mark) => ({ device: 'thermostat', mark }) as const) as unknown as Readonly<
  [TerminalRef, TerminalRef]
>;

/** What the thermostat reads of its sensor, to the ohm; null if it has none. */
const sensorOhms = (model: JobModel): string | null => {
  if (model.facts.thermostat.outdoorSensor !== 'wired') return null;
  const read = predict(model, model.wall, DEFAULT_MOMENT, {
    call: 'off',
    observable: { kind: 'ohms', between: SENSOR_ENDS },
  });
  return read.kind === 'number' ? read.value.toFixed(0) : read.kind;
};

/** Points connected to an oil burner's own transformer, apart from the intended contact. */
const besideOwnTransformer = ({ harness }: JobModel): string => {
  const { with: at } = joined(harness);
  return ['furnace.T1', 'furnace.T2']
    .map((node) =>
      at(node)
        .filter((each) => !/^isolation-relay\.[12]$/.test(each))
        .sort()
        .join(' '),
    )
    .join(', ');
};

/**
 * Whether a mutation has an effect: on a coil (including powering ones) in the cold, in mild weather or under a
 * condition; on the sensor; or by joining two transformers, which no call shows.
 */
const doesHarm = (model: JobModel, sound: JobModel): boolean => {
  const subject = wiringSubject(model.facts, model.sound, model.wall);
  const coils = allCoils(subject.harness);
  return (
    behaviorChanges(subject.harness, subject.plannedCold, subject.cold, coils).length > 0 ||
    behaviorChanges(subject.harness, subject.plannedMild, subject.mild, coils).length > 0 ||
    sensorOhms(model) !== sensorOhms(sound) ||
    besideOwnTransformer(model) !== besideOwnTransformer(sound) ||
    conditionsOf(model.facts).some(
      ({ id }) => behaviorChanges(subject.harness, subject.plannedDuring(id), subject.during(id), coils).length > 0,
    )
  );
};

/** What is wrong with the findings on a mutation; null if nothing. */
const wrongWith = ({ facts }: Family, mutation: Mutation): string | null => {
  const model = jobModel(mutated(facts, mutation));
  const found = checkEquipment(model);
  const keys = found.map(findingKey);
  if (new Set(keys).size !== keys.length) return `two findings under one key: ${keys.join(', ')}`;
  const grave = found.filter(({ severity }) => severity !== 'advice');
  if (!doesHarm(model, jobModel(facts)))
    return grave.length === 0 ? null : `harmless, and ${grave.map(({ what }) => what).join(' ')}`;
  const names = found.some(({ at, moves }) => mutation.wires.includes(at ?? '') || (moves ?? []).length > 0);
  if (names) return null;
  return grave.length === 0 && found.length === 0
    ? 'nothing is found'
    : `unnamed: ${found.map(({ what }) => what).join(' ')}`;
};

const wrongOf = (family: Family, mutations: readonly Mutation[]) =>
  mutations.flatMap((mutation) => {
    const wrong = wrongWith(family, mutation);
    return wrong === null ? [] : [`${family.id}: ${mutation.id}: ${wrong}`];
  });

describe('every single mistake is found by name, and harmless ones are left alone', () => {
  test('a conductor or a jumper removed', () =>
    expect(SOME.flatMap((family) => wrongOf(family, removals(jobModel(family.facts).planned)))).toEqual([]));

  test('neighbors exchanged', () =>
    expect(SOME.flatMap((family) => wrongOf(family, exchanges(jobModel(family.facts).planned, true)))).toEqual([]));

  test('any two ends of a terminal strip exchanged, at either end', () =>
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.nat(), (family, at) => {
        const all = exchanges(jobModel(family.facts).planned, false);
        expect(wrongOf(family, [all[at % all.length]!])).toEqual([]);
      }),
      { numRuns: runs(25) },
    ));

  test('an unplanned jumper: its findings have their own keys', () =>
    fc.assert(
      fc.property(fc.constantFrom(...FAMILIES), fc.nat(), ({ facts }, at) => {
        const all = bridges(jobModel(facts).planned);
        const keys = checkEquipment(jobModel(mutated(facts, all[at % all.length]!))).map(findingKey);
        expect(new Set(keys).size).toBe(keys.length);
      }),
      { numRuns: runs(25) },
    ));
});

test('the plan entered as found is the plan, on cables with too few conductors too', () =>
  fc.assert(
    fc.property(fc.constantFrom(...FAMILIES), fc.integer({ min: 2, max: 10 }), ({ facts: of }, conductors) => {
      const facts: Facts = {
        ...of,
        cables: { ...of.cables, thermostatConductors: conductors, outdoorConductors: conductors },
      };
      const { planned, sound } = jobModel(facts);
      const recorded: Facts = { ...facts, wiring: { ...facts.wiring, asFound: wireRows(planned) } };
      const { harness } = jobModel(recorded);
      expect(harness.conductors.map(({ id }) => id)).toEqual(planned.conductors.map(({ id }) => id));
      expect(differences(facts, sound, harness, DEFAULT_MOMENT, supplyOf(facts))).toEqual([]);
      expect(checkEquipment(jobModel(recorded))).toEqual(checkEquipment(jobModel(facts)));
    }),
    { numRuns: runs(50) },
  ));

test('findings keep their keys when figures change: a longer cable, another price, a colder design', () =>
  fc.assert(
    fc.property(fc.constantFrom(...FAMILIES), fc.nat(), ({ facts }, at) => {
      const all = removals(jobModel(facts).planned);
      const wrong = mutated(facts, all[at % all.length]!);
      const other: Facts = {
        ...wrong,
        cables: { ...wrong.cables, thermostatLengthFt: wrong.cables.thermostatLengthFt + 5 },
        prices: { ...wrong.prices, electricPerKWh: wrong.prices.electricPerKWh * 1.1 },
      };
      const keys = (of: Facts) => checkEquipment(jobModel(of)).map(findingKey);
      expect(keys(other)).toEqual(keys(wrong));
    }),
    { numRuns: runs(20) },
  ));

test('one outdoor thermostat that controls two heat inputs is one finding, for all banks behind it', () => {
  const { facts } = familyById('w1-w2+aux1-aux2-e+single+w-out+one-thermostat+o')!;
  const exchange = exchanges(jobModel(facts).planned, true).find(
    ({ id }) => id === 'thermostat-cable/green and outdoor-cable/white at air-handler',
  )!;
  const passed = checkEquipment(jobModel(mutated(facts, exchange))).filter(
    ({ rule }) => rule === 'aux-passes-thermostats',
  );
  expect(passed.map(({ what }) => what)).toEqual(['AUX brings on bank 1 and 2 with outdoor thermostat 1 open.']);
});

test('a gas valve powered past its limit is an error by name, though every call looks right', () => {
  const { facts } = familyById('propane+w2-lamp+single+w-out+o')!;
  const exchange = exchanges(jobModel(facts).planned, true).find(
    ({ id }) => id === 'leads-interlock/white and leads-low-gas-switch/black at furnace',
  )!;
  const model = jobModel(mutated(facts, exchange));
  const found = checkEquipment(model);
  expect(found[0]).toMatchObject({
    rule: 'named-mistake',
    severity: 'error',
    what: expect.stringMatching(/swapped at the furnace/),
  });
  expect(found.find(({ rule, severity }) => rule === 'conditions-as-planned' && severity === 'error')!.what).toMatch(
    /^When the furnace limit opens: gas valve pulls in/,
  );
  const subject = wiringSubject(model.facts, model.sound, model.wall);
  expect(behaviorChanges(subject.harness, subject.plannedCold, subject.cold)).toEqual([]);
});

test('a lamp that no longer lights is found, though no call needs it', () => {
  const { facts } = familyById('propane+w2-lamp+single+w-out+o')!;
  const removal = removals(jobModel(facts).planned).find(({ wires }) => wires.includes('outdoor-cable/black'))!;
  expect(checkEquipment(jobModel(mutated(facts, removal))).map(({ what }) => what)).toEqual(
    expect.arrayContaining([
      expect.stringMatching(/^When the outdoor board locks out on a fault: .* does not pull in/),
    ]),
  );
});
