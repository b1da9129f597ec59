import { once } from 'node:events';
import { get, type IncomingMessage } from 'node:http';
import { PassThrough } from 'node:stream';
import { holdMeter } from './meter';
import { serveMeter } from './meter-server';
import { openMeter, openWeather, run } from './run';
import { writePaced } from './weather-report';

const job = run(['example', 'quarry-bench'], () => '');
const readFile = () => {
  if (!job.ok) throw new Error(job.error);
  return job.value;
};

/** Listens to a meter as a page does: its status, and each line. */
const listen = async (address: string, origin?: string) => {
  const request = get(address, { headers: origin === undefined ? {} : { origin } });
  const [response] = (await once(request, 'response')) as [IncomingMessage];
  const lines: unknown[] = [];
  const waiting: (() => void)[] = [];
  response.setEncoding('utf8');
  response.on('data', (text: string) => {
    for (const [, line] of text.matchAll(/^data: (.*)$/gm)) lines.push(JSON.parse(line!));
    waiting.splice(0).forEach((wake) => wake());
  });
  const until = async (isThere: () => boolean) => {
    while (!isThere()) await new Promise<void>((wake) => waiting.push(wake));
  };
  return { response, lines, until, stop: () => request.destroy() };
};

/** A running meter: its output, its input, and its address. */
const started = async (...words: string[]) => {
  const opened = openMeter([...words, '--port', '0'], readFile);
  if (!opened.ok) throw new Error(opened.error);
  const input = new PassThrough();
  const told: Record<string, string>[] = [];
  let wake: () => void = () => undefined;
  const isThere = new Promise<void>((resolve) => (wake = resolve));
  const ended = holdMeter(opened.value.options, opened.value.house, input, (line) => {
    told.push(line as Record<string, string>);
    wake();
  });
  await isThere;
  return { told, input, ended, address: told[0]!.listen! };
};

test('piped lines reach every listener; a malformed line is refused and the rest continue', async () => {
  const { told, input, ended, address } = await started();
  const { response, lines, until, stop } = await listen(address, 'http://127.0.0.1:4300');
  expect(response.headers).toMatchObject({
    'content-type': 'text/event-stream',
    'access-control-allow-origin': 'http://127.0.0.1:4300',
  });
  input.write('{"meter":"Bridge","value":24.1,"unit":"V"}\n{"meter":"Bridge","value":"much","unit":"V"}\n');
  input.write('{"meter":"Bridge","value":24.2,"unit":"V"}\n');
  await until(() => lines.length === 2);
  expect(lines).toEqual([
    { meter: 'Bridge', value: 24.1, unit: 'V' },
    { meter: 'Bridge', value: 24.2, unit: 'V' },
  ]);
  expect(told.slice(1)).toEqual([{ error: expect.stringMatching(/^value must be a number/) }]);
  stop();
  input.end();
  await ended;
});

test('its leads follow a job’s system with a fault in it', async () => {
  const { told, input, ended, address } = await started('job.json', '--fault', 'outdoors:capacitor');
  const { lines, until, stop } = await listen(address);
  input.write('{"probe":"heat/volts-outdoor-unit-Y"}\n{"probe":"settings/valve"}\n{"probe":"no such"}\n');
  const last = () => lines.at(-1) as { value: number } | undefined;
  await until(() => (last()?.value ?? 0) > 20);
  expect(last()).toMatchObject({ meter: 'Stand-in meter', unit: 'V', ohms: 10e6 });
  input.write('{"probe":null}\n');
  await until(() => last()?.value === null);
  expect(told.slice(1).map(({ error }) => error)).toEqual([
    expect.stringMatching(/no meter reads it/),
    expect.stringMatching(/no such probe/),
  ]);
  stop();
  input.end();
  await ended;
});

test('other sites cannot listen unless they are named', async () => {
  const server = await serveMeter(0, ['https://heat.example.org']);
  const statusFor = async (origin?: string, path = '') => {
    const { response, stop } = await listen(server.address + path, origin);
    stop();
    return response.statusCode;
  };
  expect(await statusFor('https://elsewhere.example')).toBe(403);
  expect(await statusFor('null')).toBe(403);
  expect(await statusFor('https://heat.example.org')).toBe(200);
  expect(await statusFor('http://localhost:4300')).toBe(200);
  expect(await statusFor()).toBe(200);
  expect(await statusFor('http://localhost:4300', '/more')).toBe(404);
  await server.close();
});

test.each([
  [['--port', 'x'], '--port'],
  [['job.json', '--fault', 'no such'], '--fault'],
  [['job.json', '--fault', 'nothing', '--noise', 'much'], '--noise'],
  [['--no-such'], 'options'],
])('gate meter %j is refused', (words, path) => expect(openMeter(words, readFile)).toMatchObject({ ok: false, path }));

test('gate weather prints what an outdoor sensor sends each minute, linear between hours', async () => {
  const weather = openWeather(
    ['sorrel-basin', '--from', '2026-01-14T06:00', '--hours', '1', '--pace', '1000'],
    readFile,
  );
  if (!weather.ok) throw new Error(weather.error);
  let text = '';
  await writePaced(weather.value, (lines) => (text += lines));
  const sent = text
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as { value: number; unit: string; channel: string });
  expect(sent).toHaveLength(120);
  expect(new Set(sent.map(({ channel }) => channel))).toEqual(new Set(['outdoor']));
  const degrees = sent.filter(({ unit }) => unit === '°F').map(({ value }) => value);
  const steps = degrees.slice(1).map((value, at) => value - degrees[at]!);
  expect(Math.max(...steps) - Math.min(...steps)).toBeLessThanOrEqual(0.2 + 1e-9);
});

test.each([
  [['nowhere'], 'nowhere'],
  [[], '--weather'],
  [['sorrel-basin', '--from', '2026-02-30'], '--from'],
  [['sorrel-basin', '--from', '2026-02-03T25:00'], '--from'],
  [['sorrel-basin', '--hours', '0'], '--hours'],
  [['sorrel-basin', '--pace', '0'], '--pace'],
])('gate weather %j is refused', (words, path) =>
  expect(
    openWeather(words, () => {
      throw new Error('no such file');
    }),
  ).toMatchObject({ ok: false, path }),
);
