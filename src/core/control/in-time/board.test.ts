import fc from 'fast-check';
import { boardAtRest, type BoardInputs, type BoardState, stepBoard } from './board';
import type { BoardProgram } from './board-program';

const STEP_MIN = 0.5;

const program: fc.Arbitrary<BoardProgram> = fc.oneof(
  fc.record({
    kind: fc.constant('time-temperature' as const),
    intervalMin: fc.constantFrom(30, 60, 90),
    earlyShare: fc.constantFrom(0.9, 1),
    counts: fc.constantFrom('run' as const, 'run-while-cold' as const),
    whenDue: fc.constantFrom('wait' as const, 'restart' as const),
    closesF: fc.constant(30),
    opensF: fc.constant(60),
    capMin: fc.constantFrom(8, 10, 14),
    onCallLoss: fc.constantFrom('forgets' as const, 'resumes' as const),
    pauseMaxMin: fc.option(fc.constantFrom(5, 30), { nil: null }),
  }),
  fc.record({
    kind: fc.constant('demand' as const),
    cleanSplitF: fc.option(fc.constantFrom(6, 9), { nil: null }),
    marginF: fc.constantFrom(4, 8),
    leastMin: fc.constantFrom(20, 34),
    coldF: fc.constant(34),
    endsF: fc.constant(60),
    forceAfterMin: fc.constantFrom(90, 360),
    settleMin: fc.constant(5),
    capMin: fc.constantFrom(8, 10),
    onCallLoss: fc.constantFrom('forgets' as const, 'resumes' as const),
    pauseMaxMin: fc.option(fc.constantFrom(5, 30), { nil: null }),
  }),
);

const inputs: fc.Arbitrary<BoardInputs[]> = fc
  .array(
    fc.record({
      hasCall: fc.boolean(),
      coilF: fc.integer({ min: 5, max: 70 }),
      outdoorF: fc.integer({ min: 10, max: 55 }),
      ticks: fc.integer({ min: 5, max: 90 }),
    }),
    { minLength: 3, maxLength: 15 },
  )
  .map((spells) => spells.flatMap(({ ticks, ...spell }) => Array.from({ length: ticks }, () => spell)));

test('a defrost needs a call to start, stays under its time limit, and never follows on its own tick', () => {
  fc.assert(
    fc.property(program, inputs, (given, steps) => {
      let state = boardAtRest(given);
      let endedAt = -1;
      steps.forEach((each, tick) => {
        const { state: next, event } = stepBoard(state, given, each, STEP_MIN);
        if (event?.kind === 'begins') {
          expect(each.hasCall).toBe(true);
          expect(endedAt).not.toBe(tick);
          if (given.kind === 'demand') expect(each.coilF).toBeLessThanOrEqual(given.coldF);
          else expect(next.isClosed).toBe(true);
        }
        if (event?.kind === 'ends') {
          endedAt = tick;
          if (event.by === 'call') expect(each.hasCall).toBe(false);
        }
        if (next.phase.kind === 'defrosting')
          expect(next.phase.defrostMin).toBeLessThanOrEqual(given.capMin + STEP_MIN + 1e-9);
        state = next;
      });
    }),
    { numRuns: 200 },
  );
});

test('saved in mid-defrost and resumed, a board does the same', () => {
  fc.assert(
    fc.property(program, inputs, (given, steps) => {
      const run = (from: BoardState, some: readonly BoardInputs[]) =>
        some.reduce((state, each) => stepBoard(state, given, each, STEP_MIN).state, from);
      const half = Math.floor(steps.length / 2);
      const kept = JSON.parse(JSON.stringify(run(boardAtRest(given), steps.slice(0, half)))) as BoardState;
      expect(run(kept, steps.slice(half))).toEqual(run(boardAtRest(given), steps));
    }),
    { numRuns: 150 },
  );
});
