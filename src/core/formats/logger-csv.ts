import Papa from 'papaparse';
import type { Parsed } from '../border/parse';
import type { LoggerLine } from '../simulation/house/logged';
import { hasTooManyQuotes, TOO_MANY_QUOTES } from './csv-guard';

/** Maximum size of a logger file, characters and lines. */
export const LOGGER_LIMITS = { chars: 4_000_000, lines: 50_000 } as const;

const HEADS = {
  time: /^(time|date|when)/i,
  roomF: /room|indoor|inside/i,
  outdoorF: /outdoor|outside|ambient/i,
  compressor: /compressor|stage|heat.?pump|^y$/i,
  backup: /aux|backup|strip|emergency|^w/i,
} as const;
const CELSIUS = /°\s*C|\(C\)|celsius|_c$/i;
const BOUNDS_F = { roomF: [20, 110], outdoorF: [-60, 130] } as const;

const wrong = (path: string, error: string) => ({ ok: false, path, error }) as const;

/** Minutes of a time such as 2026-01-14 05:30, 2026-01-14T05:30:00, or a count of minutes; NaN if invalid. */
const minutesOf = (cell: string): number => {
  const text = cell.trim();
  if (/^\d+(\.\d+)?$/.test(text)) return Number(text);
  const found = /^(\d{4})-(\d\d)-(\d\d)[ T](\d\d):(\d\d)(?::(\d\d))?/.exec(text);
  if (!found) return NaN;
  const [year, month, day, hour, minute, second] = found.slice(1).map((part) => Number(part ?? 0));
  return Date.UTC(year!, month! - 1, day, hour, minute, second || 0) / 60_000;
};

const shareOf = (cell: string): number => {
  const text = cell.trim();
  if (/^(on|true|yes)$/i.test(text)) return 1;
  if (/^(off|false|no|)$/i.test(text)) return 0;
  const value = Number(text.replace('%', ''));
  if (!Number.isFinite(value) || value < 0) return NaN;
  return Math.min(1, text.includes('%') || value > 2 ? value / 100 : value);
};

/**
 * Reads a logger file: CSV with a header that names a time, a room and an outdoor temperature, and optionally what ran.
 * A header may name °C. Two stages count as 0, 1, 2: one is taken as half.
 */
export const readLoggerCsv = (text: string): Parsed<readonly LoggerLine[]> => {
  if (text.length > LOGGER_LIMITS.chars) return wrong('', `The file is larger than ${LOGGER_LIMITS.chars / 1e6} MB.`);
  if (hasTooManyQuotes(text)) return wrong('', TOO_MANY_QUOTES);
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [header, ...rows] = data;
  if (!header) return wrong('', 'The file is empty.');
  const column = (of: keyof typeof HEADS) => header.findIndex((cell) => HEADS[of].test(cell.trim()));
  const [time, room, outdoor, compressor, backup] = (
    ['time', 'roomF', 'outdoorF', 'compressor', 'backup'] as const
  ).map(column) as [number, number, number, number, number];
  for (const [name, at] of [
    ['time', time],
    ['room', room],
    ['outdoor', outdoor],
  ] as const)
    if (at < 0)
      return wrong('line 1', `There is no column named ${name}. Needed: time, room, outdoor, compressor, aux.`);
  if (rows.length > LOGGER_LIMITS.lines) return wrong('', `It has more than ${LOGGER_LIMITS.lines} lines.`);
  const isC = (at: number) => CELSIUS.test(header[at]!);
  const mostStage = compressor < 0 ? 1 : rows.some((row) => row[compressor]?.trim() === '2') ? 2 : 1;
  const lines: LoggerLine[] = [];
  for (let at = 0; at < rows.length; at++) {
    const row = rows[at]!;
    const place = `line ${at + 2}`;
    const atMin = minutesOf(row[time] ?? '');
    if (Number.isNaN(atMin))
      return wrong(place, `“${(row[time] ?? '').slice(0, 30)}” is not a time. Use 2026-01-14 05:30.`);
    if (lines.length > 0 && atMin <= lines.at(-1)!.atMin) return wrong(place, 'comes before the line above it.');
    const degrees = (from: number, name: 'roomF' | 'outdoorF') => {
      const cell = row[from]?.trim() ?? '';
      const value = cell === '' ? NaN : Number(cell) * (isC(from) ? 1.8 : 1) + (isC(from) ? 32 : 0);
      return value >= BOUNDS_F[name][0] && value <= BOUNDS_F[name][1] ? value : NaN;
    };
    const [roomF, outdoorF] = [degrees(room, 'roomF'), degrees(outdoor, 'outdoorF')];
    if (Number.isNaN(roomF)) return wrong(place, `“${(row[room] ?? '').slice(0, 20)}” is not a room temperature.`);
    if (Number.isNaN(outdoorF))
      return wrong(place, `“${(row[outdoor] ?? '').slice(0, 20)}” is not an outdoor temperature.`);
    const stage = compressor < 0 ? 0 : shareOf(row[compressor] ?? '');
    const aux = backup < 0 ? 0 : shareOf(row[backup] ?? '');
    if (Number.isNaN(stage) || Number.isNaN(aux))
      return wrong(place, 'gives a stage that is neither on, off nor a percentage.');
    lines.push({
      atMin,
      roomF,
      outdoorF,
      compressor: mostStage === 2 ? Number(row[compressor]!.trim() || 0) / 2 : stage,
      backup: aux,
    });
  }
  return { ok: true, value: lines };
};
