import fc from 'fast-check';
import { parseWith } from '../border/parse';
import { DEFAULT_MOMENT } from '../control/moment';
import type { Spot } from '../devices/device';
import { likelihood } from '../diagnosis/outcome';
import { callOf } from '../diagnosis/probe';
import { pointsAt } from '../diagnosis/probes/free';
import { predictedOn, tableOf } from '../diagnosis/table';
import { jobModel } from '../model/job-model';
import { SHIPPED_PROFILES } from '../setup/profiles';
import { memoize } from '../units/once';
import { type Act } from './act';
import { actSchema } from './act-schema';
import { act, beginRound, type Bench, type Rig } from './rig';
import { benchOfRound, type Round } from './round';
import { ROUNDS } from './rounds';
import { thermostatFace } from './thermostat-face';
import { thermostatMenu } from './thermostat-menu';
import { roundView } from './view';

const roundById = (id: string) => ROUNDS.find((round) => round.id === id)!;
const tables = memoize(
  (round: Round) => JSON.stringify([round.facts, round.outdoorF]),
  ({ facts, outdoorF }) => tableOf(jobModel(facts), { ...DEFAULT_MOMENT, outdoorF }),
);
/** A bench without complaints and cause classes, which safety does not need. */
const benchOf = (round: Round): Bench => {
  const table = tables(round);
  const { world, ...bench } = benchOfRound(round, { table, classes: [] }, 1);
  return { ...bench, world: { complaint: 'cold', answer: world.answer } };
};
const done = (bench: Bench, acts: readonly Act[], from: Rig = beginRound(bench)): Rig =>
  acts.reduce((rig, what) => {
    const acted = act(bench, rig, what);
    if (!acted.ok) throw new Error(acted.why);
    return acted.rig;
  }, from);

const SPOTS: readonly Spot[] = ['wall', 'indoors', 'outdoors'];
const at = (spot: Spot): Act[] =>
  spot === 'wall' ? [{ kind: 'open' }] : [{ kind: 'walk', to: spot }, { kind: 'open' }];

describe('two probes', () => {
  const rounds = ['dead-thermostat', 'ghost-volts', 'interlock', 'half-a-kit'].map(roundById);
  const held = fc.record({
    round: fc.constantFrom(...rounds),
    spot: fc.constantFrom(...SPOTS),
    by: fc.constantFrom('high' as const, 'low' as const, 'ohms' as const),
    one: fc.nat(),
    other: fc.nat(),
  });

  test('read between any two points of a place, in either order, and the reading is what the house gives', () => {
    fc.assert(
      fc.property(held, ({ round, spot, by, one, other }) => {
        const bench = benchOf(round);
        const all = pointsAt(bench.clinic.table.model.wall.harness, spot).flatMap(({ id, points }) =>
          points.map(({ mark }) => ({ device: id, mark })),
        );
        fc.pre(all.length > 1);
        const red = all[one % all.length]!;
        const black = all[(one + 1 + (other % (all.length - 1))) % all.length]!;
        const there = done(bench, [...at(spot), ...(by === 'ohms' ? [{ kind: 'isolate' } as const] : [])]);
        const ways = [
          { red, black },
          { red: black, black: red },
        ].map((probes) => {
          const rig = done(bench, [{ kind: 'meter', ...probes, by }], there);
          expect(rig.end).toBeNull();
          return rig.evidence[0]!;
        });
        expect(ways[0]!.probe.id).toBe(ways[1]!.probe.id);
        const { probe, answer } = ways[0]!;
        if (answer !== 'OL') expect(Number(answer)).toBeGreaterThanOrEqual(0);
        expect(callOf(probe)).toBe(by === 'ohms' ? null : 'heat-1');
        // The actual fault is never ruled out by its own readings.
        const { table } = bench.clinic;
        const truth = table.patientOf(table.causes.find(({ id }) => id === round.causes[0])!);
        expect(likelihood(probe, predictedOn(truth, probe), answer)).toBeGreaterThan(0.001);
      }),
      { numRuns: 150 },
    );
  }, 60_000);

  test('to its own common, a terminal gives the reading that the diagnosis knows', () => {
    const bench = benchOf(roundById('ghost-volts'));
    const meter = (red: string, black: string) =>
      ({
        kind: 'meter',
        red: { device: 'outdoor-unit', mark: red },
        black: { device: 'outdoor-unit', mark: black },
        by: 'high',
      }) as const;
    const rig = done(bench, [...at('outdoors'), meter('C', 'Y')]);
    expect(rig.evidence[0]!.probe.id).toBe('heat/volts-outdoor-unit-Y');
    expect(act(bench, rig, meter('Y', 'Y'))).toMatchObject({ ok: false });
    expect(act(bench, rig, meter('Y', 'nowhere'))).toMatchObject({ ok: false });
  });

  test('ohms with anything live end the round; what is not accessible cannot be read', () => {
    const bench = benchOf(roundById('dead-thermostat'));
    const ohms = {
      kind: 'meter',
      red: { device: 'air-handler', mark: 'W1' },
      black: { device: 'air-handler', mark: 'C' },
      by: 'ohms',
    } as const;
    expect(act(bench, beginRound(bench), ohms)).toMatchObject({ ok: false });
    expect(done(bench, [...at('indoors'), ohms]).end).toMatchObject({ kind: 'unsafe' });
    expect(done(bench, [...at('indoors'), { kind: 'isolate' }, ohms]).evidence).toHaveLength(1);
  });

  test('a reading between two probes is not shown as a line of the list', () => {
    const round = roundById('half-a-kit');
    const bench = benchOf(round);
    const view = roundView(round, bench, done(bench, at('indoors')));
    expect(view.here.filter(({ words }) => /^Air handler W1–C/.test(words))).toEqual([]);
    expect(view.points.flatMap(({ points }) => points.map(({ mark }) => mark))).toContain('W1');
  });
});

describe('the thermostat of a round', () => {
  const through = (bench: Bench, entry: string): Rig => {
    let rig = beginRound(bench);
    if (!rig.face.isReady) rig = done(bench, [{ kind: 'keys', key: 'before' }], rig);
    rig = done(bench, [{ kind: 'keys', key: 'enter' }], rig);
    while (rig.face.at !== entry) rig = done(bench, [{ kind: 'keys', key: 'next' }], rig);
    return rig;
  };

  test.each(ROUNDS.map((round) => [round.id, round] as const))(
    '%s: of what its menus show, only the fault differs from the card, and looking there says the same',
    (_, round) => {
      const bench = benchOf(round);
      const { face, wanted, entryOf } = bench.wall();
      const off = [...wanted].filter(([key, code]) => face.inForce.get(key) !== code).map(([key]) => key);
      const { table } = bench.clinic;
      const wrong = table.causes
        .filter(({ id }) => round.causes.includes(id))
        .flatMap(({ effect }) => effect.ails?.settingsOff ?? [])
        .flatMap((look) => entryOf.get(look) ?? []);
      expect(off).toEqual([...new Set(wrong)]);
    },
  );

  test('a setting is read at its own entry and nowhere else', () => {
    const round = roundById('lockout-hole');
    const bench = benchOf(round);
    const look = { kind: 'probe', id: 'settings/compressor-lockout' } as const;
    const menu = (rig: Rig) => roundView(round, bench, rig).menu!;
    expect(act(bench, beginRound(bench), look)).toMatchObject({
      ok: false,
      why: expect.stringMatching(/go to the entry/),
    });
    const rig = through(bench, bench.wall().entryOf.get('compressor-lockout')!);
    expect(menu(rig)).toMatchObject({ isIn: true, entry: { label: expect.any(String) } });
    expect(menu(rig).entry!.value).not.toBe(menu(rig).wanted);
    const read = done(bench, [look], rig);
    expect(read.evidence[0]).toMatchObject({ answer: 'otherwise' });
    expect(roundView(round, bench, read).done).toHaveLength(2);
    expect(
      act(bench, done(bench, [{ kind: 'walk', to: 'outdoors' }], rig), { kind: 'keys', key: 'next' }),
    ).toMatchObject({
      ok: false,
    });
  });

  test('a saved setting that is not in effect says so', () => {
    const bench = benchOf(roundById('not-activated'));
    const rig = through(bench, bench.wall().entryOf.get('active')!);
    expect(thermostatMenu(bench.wall(), rig.face)).toMatchObject({ entry: { standing: 'saved' } });
  });

  test('a thermostat without power can be tried once, shows that, and allows no more', () => {
    const bench = benchOf(roundById('dead-thermostat'));
    const enter = { kind: 'keys', key: 'enter' } as const;
    const rig = done(bench, [enter]);
    expect(rig.evidence).toMatchObject([{ answer: 'blank' }]);
    expect(rig.face.isIn).toBe(false);
    expect(act(bench, rig, enter)).toMatchObject({ ok: false });
  });

  test('whatever controller it is, what is in effect is right except for the fault', () => {
    const walls = SHIPPED_PROFILES.filter(({ role }) => role === 'thermostat');
    for (const profile of walls)
      for (const round of ROUNDS.filter(({ id }) => /droop|o-for-b|hole|fossil/.test(id))) {
        const { causes } = tables(round);
        for (const { id, effect } of causes.filter((cause) => cause.id.startsWith('set:'))) {
          const { face, wanted, entryOf } = thermostatFace(round.facts, causes, [id], profile);
          const off = [...wanted].filter(([key, code]) => face.inForce.get(key) !== code).map(([key]) => key);
          const entry = entryOf.get(effect.ails!.settingsOff![0]!);
          expect([id, off]).toEqual([id, entry === undefined ? [] : [entry]]);
        }
      }
  });
});

test('actions are accepted unchanged from outside, and nothing else is', () => {
  const meter = {
    kind: 'meter',
    red: { device: 'thermostat', mark: 'R' },
    black: { device: 'thermostat', mark: 'C' },
    by: 'low',
  };
  for (const good of [meter, { kind: 'keys', key: 'enter' }])
    expect(parseWith(actSchema, good)).toEqual({ ok: true, value: good });
  for (const bad of [
    { ...meter, by: 'amps' },
    { ...meter, red: { device: 'toaster', mark: 'R' } },
    { ...meter, red: { device: 'thermostat', mark: 'R', more: 1 } },
    { kind: 'keys', key: 'save' },
  ])
    expect(parseWith(actSchema, bad).ok).toBe(false);
});
