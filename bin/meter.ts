import { createInterface } from 'node:readline';
import { type Parsed, parseJson } from '../src/core/border/parse';
import { meterHeldTo } from '../src/core/diagnosis/meter-held-to';
import type { Probe } from '../src/core/diagnosis/probe';
import { meterLine, parseMeterLine } from '../src/core/formats/meter-line';
import { type ProbePlacement, simulatedMeterShows } from '../src/core/instrument/stand-in';
import { chance } from '../src/core/units/chance';
import type { House } from './diagnosis-verbs';
import { METER_PORT, type MeterServer, serveMeter } from './meter-server';
import { optionsOf, refused } from './options';

/** Send interval of the simulated meter, ms. */
const SENDS_EVERY_MS = 250;
const STAND_IN = 'Stand-in meter';

/** Options of `gate meter`. */
export interface MeterOptions {
  readonly port: number;
  readonly origins: readonly string[];
  /** The system that the probes are on; null: lines are passed through. */
  readonly file: string | null;
  readonly fault: string;
  readonly noise: string | undefined;
}

/** Reads the options of `gate meter`. */
export const meterOptions = (words: readonly string[]): Parsed<MeterOptions> => {
  const options = optionsOf([...words], {
    port: { type: 'string' },
    origin: { type: 'string', multiple: true },
    fault: { type: 'string' },
    noise: { type: 'string' },
  });
  if (!options.ok) return options;
  const { values, positionals } = options.value;
  const port = Number(values.port ?? METER_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65_535) return refused('--port', 'must be a port number');
  return {
    ok: true,
    value: {
      port,
      origins: values.origin ?? [],
      file: positionals[0] ?? null,
      fault: values.fault ?? 'nothing',
      noise: values.noise,
    },
  };
};

/** Handles a line: sends its value, moves the probes, or refuses it. */
export type MeterWord =
  | { readonly kind: 'send'; readonly line: string }
  | { readonly kind: 'leads'; readonly held: ProbePlacement }
  | { readonly kind: 'refused'; readonly error: string };

const heldBy = ({ world }: House, probe: Probe): MeterWord => {
  const held = meterHeldTo(probe, world.answer(probe));
  return held ? { kind: 'leads', held } : { kind: 'refused', error: `${probe.id} is seen or heard, no meter reads it` };
};

/** Request in one line of standard input. */
export const meterWord = (line: string, house: House | null): MeterWord => {
  const json = parseJson(line);
  const asked = json.ok ? (json.value as { probe?: unknown } | null)?.probe : undefined;
  if (house && asked !== undefined) {
    const probe = asked === null ? null : house.probeById(String(asked));
    if (probe === null) return { kind: 'leads', held: { value: null, unit: 'V', ohms: null } };
    return probe ? heldBy(house, probe) : { kind: 'refused', error: 'there is no such probe; gate probes lists them' };
  }
  const shown = parseMeterLine(line);
  return shown.ok
    ? { kind: 'send', line: meterLine(shown.value) }
    : { kind: 'refused', error: `${shown.path} ${shown.error}`.trim() };
};

/** Serves a meter until its input ends: piped lines, or a simulated meter whose probes are moved by lines. */
export const holdMeter = async (
  { port, origins }: MeterOptions,
  house: House | null,
  input: NodeJS.ReadableStream = process.stdin,
  tell: (line: object) => void = (line) => void process.stdout.write(`${JSON.stringify(line)}\n`),
): Promise<void> => {
  let server: MeterServer;
  try {
    server = await serveMeter(port, origins);
  } catch (problem) {
    tell({ error: `The port ${port} cannot be used: ${(problem as Error).message}. Choose another with --port.` });
    process.exitCode = 2;
    return;
  }
  tell({ listen: server.address });
  const next = chance(1);
  let leads: { readonly held: ProbePlacement; readonly sinceMs: number } | null = null;
  const clock = setInterval(() => {
    if (leads)
      server.say(meterLine(simulatedMeterShows(STAND_IN, leads.held, (Date.now() - leads.sinceMs) / 1000, next)));
  }, SENDS_EVERY_MS);
  for await (const line of createInterface({ input })) {
    if (line.trim() === '') continue;
    const word = meterWord(line, house);
    if (word.kind === 'send') server.say(word.line);
    else if (word.kind === 'leads') leads = { held: word.held, sinceMs: Date.now() };
    else tell({ error: word.error });
  }
  clearInterval(clock);
  await server.close();
};
