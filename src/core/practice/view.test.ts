import fc from 'fast-check';
import { crewPracticeCsv, practiceCsv } from '../formats/practice-csv';
import { chosenRound } from './chosen';
import { LESSONS } from './lessons';
import { type Played, playedInAll, progressOf } from './progress';
import { act, beginRound } from './rig';
import { benchOfRound, contextOfRound } from './round';
import { ROUNDS } from './rounds';
import { solveRound } from './solve';
import { namedCauses, roundOver, roundView } from './view';

const round = ROUNDS.find(({ id }) => id === 'w-out-on-furnace')!;
const clinic = contextOfRound(round);
const bench = benchOfRound(round, clinic, 5);
const acts = solveRound(bench).done.map((done) => done.act);

test('every reading of the best sequence is available where and when it takes it', () => {
  let rig = beginRound(bench);
  for (const what of acts) {
    const before = roundView(round, bench, rig);
    const line = what.kind === 'probe' && before.here.find(({ id }) => id === what.id);
    if (what.kind === 'probe' && !line) {
      // A two-probe reading is not listed: both points are.
      const { observable } = bench.clinic.table.probeById(what.id)!.of;
      if (observable.kind !== 'volts' && observable.kind !== 'ohms') throw new Error(`${what.id} has no line`);
      for (const { device, mark } of observable.between)
        expect(before.points.find(({ id }) => id === device)?.points.map((point) => point.mark)).toContain(mark);
    }
    if (line) expect(line).toMatchObject({ seen: null });
    const acted = act(bench, rig, what);
    if (!acted.ok) throw new Error(acted.why);
    rig = acted.rig;
    const view = roundView(round, bench, rig);
    if (line) expect(view.here.find(({ id }) => id === line.id)!.seen).toBe(view.done.at(-1)!.seen);
  }
  const over = roundOver(round, bench, benchOfRound(round, clinic, 5), rig)!;
  expect(over).toMatchObject({ unsafe: null, score: { result: 'found' }, teaches: round.teaches });
  expect(over.replay).toHaveLength(acts.filter(({ kind }) => kind !== 'keys').length);
  expect(over.truth[0]!.fix).not.toBe('');
});

test('a round in progress reveals nothing of the fault', () => {
  const view = JSON.stringify(roundView(round, bench, beginRound(bench)));
  expect(roundOver(round, bench, bench, beginRound(bench))).toBeNull();
  for (const id of round.causes) {
    const { words } = bench.clinic.table.causes.find((cause) => cause.id === id)!;
    expect(view).not.toContain(words);
    expect(view).not.toContain(id);
  }
});

test('everything that can be wrong can be named, once', () => {
  const ids = namedCauses(bench).flatMap(({ causes }) => causes);
  expect([...ids].sort()).toEqual(clinic.table.causes.map(({ id }) => id).sort());
});

test('the ladder holds every round once', () => {
  const ids = LESSONS.flatMap(({ rounds }) => rounds.map(({ id }) => id));
  expect([...ids].sort()).toEqual(ROUNDS.map(({ id }) => id).sort());
});

test('an address names a listed round with a whole number, or none', () => {
  expect(chosenRound('droop', '12', true)).toEqual({ round: 'droop', seed: 12, isEndless: true });
  for (const seed of ['', '0', '-1', '1.5', '1e3', '1000000', ' 1'])
    expect(chosenRound('droop', seed, false)).toBeNull();
  expect(chosenRound('none', '1', false)).toBeNull();
});

const played = (change: Partial<Played>): Played => ({
  id: 'a',
  round: 'droop',
  seed: 1,
  isEndless: false,
  title: 'Two degrees short',
  at: '2026-11-27T08:00:00Z',
  result: 'found',
  seconds: 600,
  bestSeconds: 300,
  bestReadings: 3,
  readings: 6,
  toldNothing: 2,
  ...change,
});

test('a player’s standing: what was found at least once, how fast, what told nothing, what is weak', () => {
  const progress = progressOf([
    played({}),
    played({ id: 'b' }),
    played({ id: 'c', round: 'half-a-kit', result: 'unsafe', readings: 0, toldNothing: 0 }),
    played({ id: 'd', round: 'droop', isEndless: true, result: 'guessed' }),
  ]);
  expect(progress).toMatchObject({ played: 4, found: 2, guessed: 1, unsafe: 1, weakest: 'The kit and its supply' });
  expect(progress.idleShare).toBeCloseTo(6 / 18);
  expect(progress.lessons.find(({ id }) => id === 'gates')).toMatchObject({ found: 1, played: 2, timesBest: 2 });
  expect(progressOf([])).toMatchObject({ idleShare: null, weakest: null });
});

test('counts never exceed what was played', () => {
  const results = ['found', 'guessed', 'wrong', 'unsafe'] as const;
  const any = fc.record({
    round: fc.constantFrom(...ROUNDS.map(({ id }) => id)),
    result: fc.constantFrom(...results),
    isEndless: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(any, { maxLength: 40 }), (some) => {
      const all = some.map((each, at) => played({ ...each, id: String(at) }));
      const { lessons, found, guessed, unsafe } = progressOf(all);
      expect(found + guessed + unsafe).toBeLessThanOrEqual(all.length);
      for (const lesson of lessons) {
        expect(lesson.found).toBeLessThanOrEqual(Math.min(lesson.rounds, lesson.played));
        expect(lesson.timesBest === null).toBe(lesson.found === 0);
      }
    }),
  );
});

test('played rounds export as CSV, disarmed', () => {
  const lines = practiceCsv([played({ title: '=1+1' })]).split('\r\n');
  expect(lines[0]).toContain('best line seconds');
  expect(lines[1]).toBe(`2026-11-27T08:00:00Z,"'=1+1",1,no,found,600,300,6,3,2`);
});

test('a round known in two places counts once, and the crew’s rounds are listed by person', () => {
  const [early, late] = [played({ id: 'x', at: '2026-11-26T08:00:00Z' }), played({ id: 'y' })];
  expect(playedInAll([late], [early, late]).map(({ id }) => id)).toEqual(['x', 'y']);
  const people = [{ personId: 'p', name: '=Ana', played: [early] }];
  expect(crewPracticeCsv(people).split('\r\n')[1]).toMatch(/^"'=Ana",2026-11-26T08:00:00Z,/);
});
