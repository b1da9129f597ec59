import { decimalsOf } from '../units/decimals';
import { roundTo } from '../units/round';
import { keptUnit, keptValue, type Shown } from './shown';

/** An instrument's sample with its time, ms on any monotonic clock. */
export interface Sample {
  readonly atMs: number;
  readonly shown: Shown;
}

/** State of an instrument's value: usable once steady. */
export type Steadiness =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'moving'; readonly value: number | 'OL' }
  | { readonly kind: 'steady'; readonly value: number | 'OL' };

/** Time that a value must be steady, ms, and minimum samples in it. Our judgment. */
const STANDS_MS = 1500;
const LEAST_SAMPLES = 3;
/** After this long without a sample an instrument shows nothing, ms. */
const SILENT_MS = 10_000;

/** Variation that still counts as steady, in the stored unit: absolute, and relative. Our judgment. */
const WANDER: Readonly<Record<string, readonly [number, number]>> = {
  V: [0.2, 0.006],
  A: [0.15, 0.02],
  µA: [0.1, 0.03],
  Ω: [0.2, 0.02],
  '°F': [0.4, 0],
  'in. w.c.': [0.015, 0.03],
  '%': [1, 0],
};

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((one, other) => one - other);
  const half = sorted.length / 2;
  return sorted.length % 2 === 0 ? (sorted[half - 1]! + sorted[half]!) / 2 : sorted[Math.floor(half)]!;
};

/** How long samples matter to `standingOf`, ms. */
export const KEPT_MS = STANDS_MS * 4;

/**
 * Whether an instrument's value is steady, and at what value.
 * @param samples of one input, newest last
 * @param nowMs on the clock of the samples
 * @returns the middle value, in the stored unit, with that unit's decimals
 */
export const steadinessOf = (samples: readonly Sample[], nowMs: number): Steadiness => {
  const last = samples.at(-1);
  if (!last || last.shown.value === null) return { kind: 'nothing' };
  if (!last.shown.isHeld && nowMs - last.atMs > SILENT_MS) return { kind: 'nothing' };
  const unit = keptUnit(last.shown.unit);
  const figure = (value: number) => roundTo(value, unit === 'µA' ? 1 : decimalsOf(unit));
  const value = keptValue(last.shown)!;
  const shown = typeof value === 'number' ? figure(value) : value;
  if (last.shown.isHeld) return { kind: 'steady', value: shown };
  // From the last sample before the steady window, so that a meter that sends once a second is waited for too.
  const from = samples.findLastIndex(({ atMs }) => atMs <= last.atMs - STANDS_MS);
  const recent = samples.slice(Math.max(0, from));
  const isLongEnough = from >= 0 && recent.length >= LEAST_SAMPLES;
  const values = recent.map((sample) => keptValue(sample.shown));
  if (!isLongEnough || values.includes(null)) return { kind: 'moving', value: shown };
  if (values.every((each) => each === 'OL')) return { kind: 'steady', value: 'OL' };
  const numbers = values.filter((each): each is number => typeof each === 'number');
  if (numbers.length < values.length) return { kind: 'moving', value: shown };
  const [amount, share] = WANDER[unit]!;
  const at = middle(numbers);
  const wanders = Math.max(...numbers) - Math.min(...numbers);
  return wanders <= amount + share * Math.abs(at)
    ? { kind: 'steady', value: figure(at) }
    : { kind: 'moving', value: shown };
};
