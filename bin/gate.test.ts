import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { climateById } from '../src/core/balance/year/climates';
import { run } from './run';

/** A command line in this process. */
const gate = (words: string[], input = '') => {
  const answer = run(words, (file) => (file === 0 ? input : readFileSync(file, 'utf8')));
  return answer.ok
    ? { status: 0, stdout: answer.value, stderr: '' }
    : { status: 2, stdout: '', stderr: JSON.stringify(answer) };
};
/** The same in a separate process. */
const spawned = (words: string[], input = '') =>
  spawnSync(process.execPath, ['--import', 'tsx', 'bin/gate.ts', ...words], {
    input,
    encoding: 'utf8',
    maxBuffer: 1e8,
    cwd: join(__dirname, '..'),
  });
const example = gate(['example', 'quarry-bench']).stdout;
const folder = mkdtempSync(join(tmpdir(), 'gate-'));
const file = join(folder, 'job.json');
writeFileSync(file, example);

test('the command as a process gives the same output, refusals and exit codes as run() does', () => {
  const input = JSON.stringify({ ratedVolts: 240, suppliedVolts: 240, elementsKW: [4.8], blowerAmps: 0 });
  expect(spawned(['calc', 'heatkit'], input)).toMatchObject({
    status: 0,
    stdout: gate(['calc', 'heatkit'], input).stdout,
    stderr: '',
  });
  const { status, stdout, stderr } = spawned(['check', '/no/such/file']);
  expect([status, stdout, JSON.parse(stderr)]).toEqual([
    2,
    '',
    { path: '/no/such/file', error: expect.stringMatching(/cannot be read/) },
  ]);
});

test('a negative temperature is a value, not an option; a reader that closes early ends the command quietly', () => {
  const cold = spawned(['states', file, '--outdoor', '-5']);
  expect([cold.status, cold.stderr]).toEqual([0, '']);
  const { status, stderr } = spawnSync('bash', ['-c', 'node --import tsx bin/gate.ts families | head -n 1'], {
    encoding: 'utf8',
    cwd: join(__dirname, '..'),
  });
  expect([status, stderr.replace(/^npm warn.*\n/gm, '')]).toEqual([0, '']);
});

test('examples lists ids whose example is a job file', () => {
  expect(JSON.parse(gate(['examples']).stdout)).toEqual([
    'juniper-flume',
    'quarry-bench',
    'cinder-creek',
    'tamarack-spur',
  ]);
  expect(JSON.parse(example)).toMatchObject({ format: 'gate-cross-job', fileVersion: 2 });
});

test('check, states and spice read a file; calc reads standard input', () => {
  expect(JSON.parse(gate(['check', file]).stdout)).toEqual([]);
  const states = JSON.parse(gate(['states', file, '--outdoor', '20']).stdout);
  expect(states.calls['heat-1'].coilsEnergised).toContain('reversing valve');
  expect(states.calls['heat-1'].volts['outdoor-unit'].Y).toBeGreaterThan(21);
  const strips = JSON.parse(gate(['strips', file, '--call', 'emergency']).stdout);
  expect(strips).toMatchObject({
    settled: { on: [0, 1, 2] },
    fit: { isAllowed: true },
    airflow: { kind: 'waits' },
  });
  expect(strips.foundKits[0]).toMatchObject({ elementsKW: [4.8, 4.8, 4.8], sure: 'sure', against: [] });
  // At the measured 236 V under load: three elements of 4.8 kW at 240 V, and the blower's 3.1 A.
  expect(strips.suppliedVolts).toBe(236);
  expect(strips.expectedAmps.main.amps).toBeCloseTo((3 * 4800 * 236) / 240 ** 2 + 3.1, 6);
  expect(gate(['spice', file, '--call', 'cool-1']).stdout).toMatch(/^\.op$/m);
  expect(
    JSON.parse(
      gate(
        ['calc', 'heatkit'],
        JSON.stringify({ ratedVolts: 240, suppliedVolts: 240, elementsKW: [4.8], blowerAmps: 0 }),
      ).stdout,
    ),
  ).toMatchObject({ deliveredKW: 4.8 });
});

test('check names the mistake first, with its moves, and lists the rest under it', () => {
  const found = join(folder, 'found.json');
  writeFileSync(found, gate(['example', 'tamarack-spur']).stdout);
  const [first, ...rest] = JSON.parse(gate(['check', found]).stdout);
  expect(first).toMatchObject({ rule: 'named-mistake', severity: 'error' });
  expect(first.moves.map(({ words }: { words: string }) => words)).toEqual([
    expect.stringMatching(/green/i),
    expect.stringMatching(/white/i),
  ]);
  expect(rest.filter(({ under }: { under?: string }) => under !== undefined).length).toBeGreaterThan(2);
});

test('trace, plan and families report the wiring; a condition or a fault can be tried', () => {
  const trace = JSON.parse(gate(['trace', file, '--call', 'heat-aux', '--outdoor', '50']).stdout);
  const bank = trace.coils.find(({ coil }: { coil: string }) => coil === 'heat bank 1');
  expect(bank).toMatchObject({ status: 'stopped', held: [expect.stringContaining('locked out above')] });
  expect(bank.steps.find(({ passes }: { passes: boolean }) => !passes).why).toContain('AUX');
  expect(JSON.parse(gate(['trace', file, '--call', 'heat-1', '--try', 'open:contactor']).stdout).trying).toContain(
    'Contactor',
  );
  expect(JSON.parse(gate(['plan', file]).stdout)).toMatchObject({
    conductors: expect.any(Array),
    jumpers: expect.any(Array),
  });
  const lines = gate(['families']).stdout.trim().split('\n');
  expect(lines.length).toBeGreaterThan(1000);
  const states = gate(['states', '-', '--try', 'board-lockout'], lines[700]);
  expect(JSON.parse(states.stdout).calls['heat-1'].coilsEnergised).not.toContain('contactor');
});

test('settings gives values with reasons; card gives entries with codes, for a shipped profile or a file', () => {
  const { settings, contradictions } = JSON.parse(gate(['settings', file]).stdout);
  expect(settings.find(({ id }: { id: string }) => id === 'reversing-valve')).toMatchObject({
    value: 'B',
    because: [expect.stringContaining('heating')],
  });
  expect(contradictions).toEqual([]);
  const card = JSON.parse(gate(['card', file, '--profile', 'toadflax-indoor']).stdout);
  expect(card.screens.find(({ code }: { code?: string }) => code === 'KIT')).toMatchObject({
    target: { kind: 'set', code: '14.4' },
    found: '9.6',
  });
  expect(gate(['card', file, '--profile', 'docs/controllers/toadflax-indoor.yaml']).stdout).toBe(
    gate(['card', file, '--profile', 'toadflax-indoor']).stdout,
  );
});

test('balance gives load, need and supply air; year compares lockout plans by bins or hours, for a climate or a file', () => {
  const answer = gate(['balance', file, '--outdoor', '19']).stdout;
  expect(gate(['crossing', file, '--outdoor', '19']).stdout).toBe(answer); // the old name of the verb
  const balance = JSON.parse(answer);
  expect(balance.load.find(({ isTaken }: { isTaken: boolean }) => isTaken)).toMatchObject({
    from: 'heat-loss',
    kind: 'known',
  });
  expect(balance.backup.map(({ id }: { id: string }) => id)).toEqual(['design', 'emergency', 'defrost']);
  expect(balance.at.supply[0]).toMatchObject({ id: 'heat-pump' });
  const hourly = JSON.parse(gate(['year', file, '--weather', 'sorrel-basin']).stdout);
  const csv = join(mkdtempSync(join(tmpdir(), 'gate-')), 'hours.csv');
  writeFileSync(csv, `outdoor_f\n${[...climateById('sorrel-basin').hoursF()].join('\n')}`);
  const byFile = JSON.parse(gate(['year', file, '--weather', csv]).stdout);
  expect(byFile.ways).toEqual(hourly.ways);
  const bins = JSON.parse(gate(['year', file, '--weather', 'sorrel-basin', '--method', 'bins']).stdout);
  expect(Math.abs(bins.ways[0].cost / hourly.ways[0].cost - 1)).toBeLessThan(0.01);
});

test('a day by the minute: trace, events with reasons, energy that balances; identical to the byte when repeated', () => {
  const day = () => gate(['day', file, '--hours', '12', '--from', '2026-01-20']);
  const { status, stdout } = day();
  expect(status).toBe(0);
  expect(day().stdout).toBe(stdout);
  const { stepMin, trace, events, energy } = JSON.parse(stdout);
  expect(stepMin).toBe(1);
  expect(trace.roomF).toHaveLength(720);
  expect(events.length).toBeGreaterThan(3);
  expect(events[0].words).toMatch(/°F/);
  const { heatBtu, gainsBtu, lossBtu, storedBtu } = energy;
  expect(Math.abs(heatBtu + gainsBtu - lossBtu - storedBtu)).toBeLessThan(1e-6 * heatBtu);
});

test.each([
  [['day', file, '--from', '2026-02-30'], '', '--from'],
  [['day', file, '--hours', '9000'], '', '--hours'],
  [['day', file, '--step', '1'], '', '--step'],
  [['day', file, '--try', 'gremlins'], '', '--try'],
  [['day', file, '--weather', '/no/such.epw'], '', '/no/such.epw'],
  [['year', file], '', '--weather'],
  [['year', file, '--weather', 'sorrel-basin', '--method', 'guess'], '', '--method'],
  [['year', file, '--weather', '/no/such.epw'], '', '/no/such.epw'],
  [['balance'], '{', ''],
  [['crossing'], '{', ''],
  [['card', file], '', '--profile'],
  [['card', file, '--profile', 'moonwort'], '', '--profile'],
  [['settings'], '{', ''],
  [['spin'], '', 'verb'],
  [['calc', 'weather'], '{}', 'kind'],
  [['calc', 'circuit'], '{', ''],
  [['calc', 'heatkit'], '{}', /./],
  [['example', 'nowhere'], '', 'id'],
  [['check', '/no/such/file'], '', '/no/such/file'],
  [['check'], '{"format":"gate-cross-job","fileVersion":9}', 'fileVersion'],
  [['spice', file], '', '--call'],
  [['spice', file, '--call', 'dance'], '', '--call'],
  [['states', file, '--outdoor', 'warm'], '', '--outdoor'],
  [['trace', file], '', '--call'],
  [['trace', file, '--call', 'heat-2'], '', '--call'],
  [['trace', file, '--call', 'heat-1', '--try', 'gremlins'], '', '--try'],
  [['trace', file, '--call', 'heat-1', '--indoor', 'cosy'], '', '--indoor'],
] as const)('%j is refused on standard error with exit 2', (words, input, path) => {
  const { status, stdout, stderr } = gate([...words], input);
  expect([status, stdout]).toEqual([2, '']);
  const refusal = JSON.parse(stderr);
  expect(refusal.error.length).toBeGreaterThan(5);
  if (typeof path === 'string') expect(refusal.path).toBe(path);
  else expect(refusal.path).toMatch(path);
});
