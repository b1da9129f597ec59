import { Readable } from 'node:stream';
import { openTalk, run } from './run';
import { holdTalk } from './talk';

const sampleJob = (() => {
  const answer = run(['example', 'quarry-bench'], () => '');
  if (!answer.ok) throw new Error(answer.error);
  return answer.value;
})();
const readFile = () => sampleJob;
const talk = (verb: 'diagnose' | 'world', ...words: string[]) => {
  const opened = openTalk(verb, ['job.json', ...words], readFile);
  if (!opened.ok) throw new Error(`${opened.path}: ${opened.error}`);
  return opened.value;
};
type Line = Record<string, unknown>;

/** Runs both sides of a dialog against each other. */
const duel = (fault: string, ...noise: string[]): { lines: Line[]; end: Line } => {
  const world = talk('world', '--fault', fault, ...noise);
  const [{ complaint }] = world.first as [{ complaint: string }];
  const ask = talk('diagnose', '--ask', '--complaint', complaint);
  const lines: Line[] = [];
  let asked = ask.first[0] as Line;
  while (!('cause' in asked)) {
    lines.push(asked);
    const answer = world.next(JSON.stringify(asked)).write[0] as Line;
    lines.push(answer);
    asked = ask.next(JSON.stringify(answer)).write[0] as Line;
  }
  expect(world.next(JSON.stringify(asked))).toEqual({ write: [], isOver: true });
  return { lines, end: asked };
};

test.each([
  { fault: 'outdoors:capacitor', noise: [] },
  { fault: 'strips:limit-1', noise: ['--noise', '5'] },
  { fault: 'nothing', noise: ['--noise', '5'] },
])('two programs find $fault by exchanging lines', ({ fault, noise }) => {
  const { lines, end } = duel(fault, ...noise);
  expect(end.cause).toContain(fault);
  expect(end.probes).toBe(lines.length / 2);
  expect(end.seconds as number).toBeGreaterThan(0);
  for (const { probe, suspects } of lines.filter((_, at) => at % 2 === 0) as { probe: Line; suspects: Line[] }[]) {
    expect(Object.keys(probe)).toEqual(expect.arrayContaining(['id', 'words', 'call', 'unit']));
    expect(suspects[0]).toEqual({ id: expect.any(String), p: expect.any(Number) });
  }
});

test('every listed fault has a simulated house, and every listed probe has an answer in it', () => {
  const list = (verb: string): Line[] => {
    const answer = run([verb, 'job.json'], readFile);
    if (!answer.ok) throw new Error(answer.error);
    return JSON.parse(answer.value) as Line[];
  };
  const faults = list('faults');
  const probes = list('probes');
  expect(Object.keys(faults[0]!)).toEqual(['id', 'words', 'kind', 'weight']);
  for (const { id } of faults.filter((_, at) => at % 40 === 0)) {
    const world = talk('world', '--fault', id as string);
    for (const probe of probes.filter((_, at) => at % 9 === 0)) {
      const [line] = world.next(JSON.stringify({ probe: { id: probe.id } })).write as [Line];
      expect(line).toEqual({ probe: probe.id, value: expect.anything() });
    }
  }
});

test('lines that cannot be used are reported, lose nothing, and the dialog continues', async () => {
  const written: string[] = [];
  const ask = talk('diagnose', '--ask', '--complaint', 'hum');
  const first = (ask.first[0] as { probe: Line }).probe.id;
  const lines = [
    '{',
    '7',
    '{"probe":"no/such"}',
    `{"probe":"${first}","value":true}`,
    `{"probe":"${first}","skip":true}`,
  ];
  await holdTalk(ask, Readable.from(`${lines.join('\n')}\n`), (text) => written.push(text));
  const answers = written.map((text) => JSON.parse(text) as Line);
  expect(answers.map((line) => ('error' in line ? 'error' : 'probe' in line ? 'probe' : 'end'))).toEqual([
    'probe',
    'error',
    'error',
    'error',
    'error',
    'probe',
  ]);
  expect((answers.at(-1) as { probe: Line }).probe.id).not.toBe(first);
});

test.each([
  ['diagnose', ['job.json'], '--ask'],
  ['diagnose', ['job.json', '--ask', '--complaint', 'rain'], '--complaint'],
  ['world', ['job.json', '--fault', 'rain'], '--fault'],
  ['world', ['job.json', '--fault', 'nothing', '--noise', 'x'], '--noise'],
  ['world', [], 'file'],
] as const)('gate %s %j is refused at %s', (verb, words, path) => {
  expect(openTalk(verb, words, readFile)).toMatchObject({ ok: false, path });
});
