import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { calcBalance } from './balance';
import { calcBoard } from './board';
import { calcCircuit } from './circuit';
import { calcFrost } from './frost';
import { calcHeatKit } from './heatkit';
import { calcHouse } from './house';
import { calcThermostat } from './thermostat';

interface Case {
  readonly about: string;
  readonly input: unknown;
  readonly expect: Record<string, unknown>;
}

const casesOf = (kind: string): Case[] => {
  const folder = join(__dirname, 'cases', kind);
  return readdirSync(folder).map((file) => JSON.parse(readFileSync(join(folder, file), 'utf8')) as Case);
};

/** Checks that everything expected is present and close, anywhere in the answer. */
const expectNear = (
  actual: unknown,
  expected: unknown,
  tolerance: (path: string, value: number) => number,
  path = '',
): void => {
  if (typeof expected === 'number') {
    expect({
      path,
      miss: Math.abs((actual as number) - expected) <= tolerance(path, expected) || { actual, expected },
    }).toEqual({ path, miss: true });
  } else if (expected !== null && typeof expected === 'object') {
    if (Array.isArray(expected))
      expect({ path, length: (actual as unknown[]).length }).toEqual({ path, length: expected.length });
    for (const [name, value] of Object.entries(expected))
      expectNear((actual as Record<string, unknown>)[name], value, tolerance, path ? `${path}.${name}` : name);
  } else expect({ path, actual }).toEqual({ path, actual: expected });
};

const crossingTolerance = (path: string) =>
  /^(holes|shortfalls)/.test(path) ? 0.03 : /KW$/.test(path) ? 0.001 : path === 'copEven' ? 0.001 : 0.02;

describe.each([
  ['circuit', calcCircuit, (path: string) => (path === 'sourceAmps' ? 0.0005 : 0.02)],
  ['crossing', calcBalance, crossingTolerance],
  ['heatkit', calcHeatKit, (_: string, value: number) => Math.abs(value) * 0.001],
  ['thermostat', calcThermostat, () => 1e-6],
  ['board', calcBoard, () => 1e-6],
  ['house', calcHouse, () => 0.002],
  ['frost', calcFrost, (path: string, value: number) => (path === 'lbPerHour' ? value * 0.001 : 0.000_02)],
] as const)('%s cases', (kind, calc, tolerance) => {
  test.each(casesOf(kind).map((each) => [each.about, each] as const))('%s', (_, { input, expect: expected }) => {
    const answer = calc(input);
    if (!answer.ok) throw new Error(`${answer.path}: ${answer.error}`);
    expectNear(answer.value, expected, tolerance);
  });
});

test('lockouts may be missing altogether', () => {
  const { gates: _, ...input } = casesOf('crossing')[0]!.input as Record<string, unknown>;
  expect(calcBalance(input)).toEqual(calcBalance({ ...input, gates: {} }));
});

describe('bad input is refused with its path', () => {
  const [circuit, crossing, heatkit] = ['circuit', 'crossing', 'heatkit'].map((kind) =>
    JSON.stringify(casesOf(kind)[0]!.input),
  );
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  const spoiled = (text: string, spoil: (input: any) => void) => {
    const input = JSON.parse(text);
    spoil(input);
    return input;
  };
  test.each([
    [
      'a load of 0 Ω',
      calcCircuit(
        spoiled(circuit!, (input) => {
          input.edges.find((edge: { kind: string }) => edge.kind === 'load').ohms = 0;
        }),
      ),
      /edges\[\d+\]\.ohms/,
    ],
    [
      'an unknown kind of edge',
      calcCircuit(
        spoiled(circuit!, (input) => {
          input.edges[3].kind = 'diode';
        }),
      ),
      /edges\[3\]\.kind/,
    ],
    [
      'a number in quotes',
      calcCircuit(
        spoiled(circuit!, (input) => {
          input.source.volts = '26.6';
        }),
      ),
      /source\.volts/,
    ],
    [
      'a pair with one end',
      calcCircuit(
        spoiled(circuit!, (input) => {
          input.read[0] = ['A.R'];
        }),
      ),
      /read\[0\]/,
    ],
    [
      'one rating point',
      calcBalance(
        spoiled(crossing!, (input) => {
          input.heatPump.points.pop();
        }),
      ),
      /heatPump\.points/,
    ],
    [
      'two points at one temperature',
      calcBalance(
        spoiled(crossing!, (input) => {
          input.heatPump.points[1].outdoorF = 47;
        }),
      ),
      /heatPump\.points/,
    ],
    [
      'design above no-load',
      calcBalance(
        spoiled(crossing!, (input) => {
          input.load.designOutdoorF = 70;
        }),
      ),
      /load\.noLoadF/,
    ],
    [
      'a power of zero',
      calcBalance(
        spoiled(crossing!, (input) => {
          input.heatPump.points[0].kW = 0;
        }),
      ),
      /heatPump\.points\[0\]\.kW/,
    ],
    [
      'no elements',
      calcHeatKit(
        spoiled(heatkit!, (input) => {
          input.elementsKW = [];
        }),
      ),
      /elementsKW/,
    ],
    [
      'an element of −5 kW',
      calcHeatKit(
        spoiled(heatkit!, (input) => {
          input.elementsKW[1] = -5;
        }),
      ),
      /elementsKW\[1\]/,
    ],
    [
      'an element larger than any breaker',
      calcHeatKit(
        spoiled(heatkit!, (input) => {
          input.elementsKW[1] = 30;
        }),
      ),
      /elementsKW\[1\]/,
    ],
    ['nothing at all', calcHeatKit(null), /^$/],
  ])('%s', (_, answer, path) => {
    expect(answer.ok).toBe(false);
    if (!answer.ok) {
      expect(answer.path).toMatch(path);
      expect(answer.error.length).toBeGreaterThan(8);
    }
  });
});
