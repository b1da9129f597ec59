import { ROUNDS } from '../src/core/practice/rounds';
import { openPractice, practiceReport } from './practice-verbs';

type Line = Record<string, unknown>;

const report = (...words: string[]) => {
  const answer = practiceReport(words);
  if (!answer.ok) throw new Error(answer.error);
  return answer.value;
};
const play = (...words: string[]) => {
  const talk = openPractice(words);
  if (!talk.ok) throw new Error(talk.error);
  const say = (act: object) => talk.value.next(JSON.stringify(act));
  return { first: talk.value.first[0] as Line, say, raw: talk.value.next };
};

test('rounds are listed without revealing the fault', () => {
  const rounds = report() as Line[];
  expect(rounds).toHaveLength(ROUNDS.length);
  expect(JSON.stringify(rounds)).not.toMatch(/causes|teaches/);
});

test('the best sequence, played action by action through lines, finds the fault and matches its own time', () => {
  const { acts, score } = report('half-a-kit', '--solve', '--seed', '3') as { acts: Line[]; score: Line };
  const { first, say } = play('half-a-kit', '--ask', '--seed', '3');
  expect(first).toMatchObject({ place: 'wall', seconds: 0, says: expect.stringMatching(/\w/) });
  const answers = acts.map(({ seconds: _, answer: __, ...act }) => say(act));
  const [end, ...replay] = answers.at(-1)!.write as Line[];
  expect(end).toMatchObject({
    score: { ...score, result: 'found' },
    truth: ROUNDS.find(({ id }) => id === 'half-a-kit')!.causes,
  });
  expect(answers.at(-1)!.isOver).toBe(true);
  expect(replay).toHaveLength(acts.length);
  expect(answers.filter(({ write: [line] }) => (line as Line).answer !== undefined).length).toBe(score.readings);
});

test('handing in too soon ends the round and shows what would have happened', () => {
  const { say } = play('one-live-leg', '--ask');
  const probes = report('one-live-leg', '--probes') as { id: string; kind: string; place: string }[];
  const dead = probes.find(({ kind, place }) => kind === 'dead' && place === 'indoors')!;
  say({ kind: 'walk', to: 'indoors' });
  say({ kind: 'open' });
  const { write, isOver } = say({ kind: 'probe', id: dead.id });
  expect(isOver).toBe(true);
  expect(write[0]).toMatchObject({
    end: { kind: 'unsafe', would: expect.stringMatching(/still be hot to ground/) },
    score: { result: 'unsafe' },
  });
});

test('an unknown action, or one that is not possible, is answered and ends nothing', () => {
  const { say, raw } = play('low-supply', '--ask');
  expect(raw('{').write).toMatchObject([{ error: expect.stringMatching(/JSON/) }]);
  expect(say({ kind: 'fly' }).write).toMatchObject([{ error: expect.stringMatching(/must be an act/) }]);
  expect(say({ kind: 'walk', to: 'roof' }).write).toMatchObject([
    { error: expect.stringMatching(/one of wall/), path: 'to' },
  ]);
  expect(say({ kind: 'walk', to: 'wall', by: 'foot' }).write).toMatchObject([
    { error: expect.stringMatching(/unknown/) },
  ]);
  expect(say({ kind: 'call', call: 'defrost' }).write).toMatchObject([
    { cannot: expect.stringMatching(/outdoor unit/) },
  ]);
  expect(say({ kind: 'energize' })).toMatchObject({ write: [{ cannot: 'Nothing is locked out.' }], isOver: false });
});

test('a bad request is refused with the valid choices', () => {
  expect(practiceReport(['attic', '--solve'])).toMatchObject({
    ok: false,
    path: 'round',
    error: expect.stringMatching(/half-a-kit/),
  });
  expect(practiceReport(['droop', '--solve', '--seed', 'x'])).toMatchObject({ ok: false, path: '--seed' });
  expect(practiceReport(['droop'])).toMatchObject({ ok: false, path: 'options' });
  expect(openPractice(['--ask'])).toMatchObject({ ok: false, path: 'round' });
});
