import { causesOf } from '../causes';
import { type CallId, DEFAULT_MOMENT } from '../control/moment';
import { faultedSystems } from '../diagnosis/faulted-system';
import { scaleOf } from '../diagnosis/outcome';
import type { Facts } from '../job/document';
import { said } from '../job/test-readings';
import { jobModel } from '../model/job-model';
import { chance } from '../units/chance';
import { families } from '../wiring/families';
import { startupOf } from './startup-of';

const ALL = families();
/** Every nth family of the list. */
const sixty = ALL.filter((_, at, all) => at % Math.ceil(all.length / 60) === 0);
/** `npm run proof` takes every family, and every fault in sixty of them. */
const isSweep = process.env.SWEEP === 'all';

/** Nameplates read and licenses set, so that every item is judged. */
const provable = (facts: Facts): Facts => ({
  ...facts,
  outdoorUnit: { ...facts.outdoorUnit, compressorRatedAmps: 14, fanRatedAmps: 1.2 },
  proof: { ...facts.proof, fuelWork: true, refrigerantWork: true },
});

/** A meter within its accuracy: scatter limited to two deviations. */
const MOST_SD = 2;

/** A normal deviate from two uniform numbers. Source: Box and Muller. */
const normal = (next: () => number): number => {
  const drawn = Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next());
  return Math.min(MOST_SD, Math.max(-MOST_SD, drawn));
};

/**
 * Takes every reading of a startup on a house with a fault, in order, each with meter scatter; later expectations
 * depend on it.
 */
const readThrough = (given: Facts, effect: Parameters<ReturnType<typeof faultedSystems>>[0], seed: number) => {
  const facts = provable(given);
  const model = jobModel(facts);
  const patient = faultedSystems(model, DEFAULT_MOMENT)(effect);
  const next = chance(seed);
  const keys = startupOf(model, [], DEFAULT_MOMENT).flatMap(({ items }) => items);
  const readings = keys.flatMap(({ key, item: { of, unit, places } }) => {
    if (!of) return [];
    const read = patient.observe((of.call ?? 'off') as CallId, of.observable);
    if (read.kind === 'open') return [said(key, 'OL')];
    if (read.kind !== 'number') return [];
    const [low, high] = read.spread;
    // A running motor draws most of its nameplate amps; everything else reads as predicted.
    const value =
      of.observable.kind === 'motor-amps' && high > 0 ? 0.75 * high : low === high ? read.value : (low + high) / 2;
    const isLine = of.observable.kind === 'line-volts';
    const sd = 0.25 * scaleOf({ unit, kind: isLine ? 'live' : 'look' }).sdAt(value);
    const shown = Math.max(0, value + (value === 0 ? 0 : normal(next) * sd));
    return [{ ...said(key, Math.round(shown * 100) / 100), place: places?.[0]?.id ?? null }];
  });
  return startupOf(model, readings, DEFAULT_MOMENT).flatMap(({ step, items }) =>
    items.flatMap(({ key, verdict, reading }) =>
      verdict && reading ? [{ step: step.id, key, value: reading.value, ...verdict }] : [],
    ),
  );
};

test.each((isSweep ? ALL : sixty).map((family, at) => [family.id, family, at] as const))(
  'a good house passes every step with a reading: %s',
  (_, { facts }, at) => {
    const judged = readThrough(facts, {}, at + 1);
    expect(judged.length).toBeGreaterThan(10);
    expect(judged.filter(({ grade }) => grade === 'fail' || grade === 'warn')).toEqual([]);
  },
);

/** Faults, and the steps of which at least one must catch each. */
const CAUGHT: readonly (readonly [cause: string, steps: readonly string[]])[] = [
  ['open:thermostat-cable/yellow', ['heat']],
  // A valve energized in heating misses its conductor there.
  ['open:thermostat-cable/orange', ['cool', 'defrost', 'heat']],
  ['open:thermostat-cable/green', ['fan']],
  ['open:thermostat-cable/white', ['heat-aux', 'emergency', 'furnace']],
  ['open:outdoor-cable/yellow', ['heat']],
  ['open:outdoor-cable/blue', ['heat']],
  ['open:outdoor-cable/orange', ['cool', 'heat']],
  ['open:outdoor-cable/white', ['defrost']],
  ['loose:outdoor-cable/yellow', ['heat', 'heat-2', 'heat-aux']],
  ['stuck-open:board fuse', ['control-volts']],
  ['stuck-closed:thermostat R–G', ['control-volts']],
  ['set:valve', ['heat', 'cool']],
  ['strips:element-1', ['element-ohms', 'heat-aux']],
  ['strips:link-2', ['heat-aux']],
  ['strips:limit-1', ['heat-aux', 'emergency']],
  ['strips:switch-1', ['heat-aux', 'emergency']],
  ['strips:welded-1', ['fan', 'heat', 'heat-2', 'heat-aux', 'emergency']],
  ['strips:breaker-1', ['supply-volts']],
  ['strips:low-supply', ['supply-volts', 'heat-aux']],
  ['air:tap', ['heat-aux', 'emergency', 'furnace', 'heat']],
  ['air:choked', ['heat', 'heat-aux', 'emergency', 'furnace', 'cool', 'fan']],
  ['air:blower-dead', ['heat', 'heat-aux', 'emergency', 'furnace', 'cool', 'fan']],
  ['supply:line-dead', ['supply-volts']],
  ['supply:line-low', ['supply-volts', 'load']],
  ['supply:indoor-supply', ['supply-volts', 'control-volts']],
  ['supply:transformer-dead', ['control-volts']],
  ['supply:transformer-weak', ['control-volts', 'heat']],
  ['outdoors:contactor-burnt', ['heat']],
  ['outdoors:contactor-welded', ['emergency', 'furnace', 'defrost', 'cool', 'heat']],
  ['outdoors:capacitor', ['heat']],
  ['outdoors:compressor', ['heat']],
  ['outdoors:fan', ['heat']],
  // Low stage says nothing if it has no rated data.
  ['outdoors:charge', ['heat', 'heat-2']],
  ['outdoors:board-locked', ['heat']],
  ['furnace:igniter', ['furnace']],
  ['furnace:weak-fire', ['furnace', 'gas']],
];

/** Steps that must not fail for a kind of fault, because those parts are good. */
const GOOD: Readonly<Record<string, readonly string[]>> = {
  outdoors: ['element-ohms', 'supply-volts', 'gas'],
  strips: ['gas', 'furnace'],
  furnace: ['control-volts', 'fan', 'heat', 'cool', 'defrost', 'supply-volts', 'load'],
  air: ['control-volts', 'supply-volts', 'element-ohms', 'load', 'defrost'],
};

/**
 * Faults that no startup reading shows on an inverter: it finds its own speed within its range, so charge needs gauges;
 * and its Y feeds no coil, so a loose splice in it drops no volts.
 */
const isBeyondReading = (cause: string, { outdoorUnit }: Facts): boolean =>
  outdoorUnit.stages === 'inverter' && (cause === 'outdoors:charge' || cause === 'loose:outdoor-cable/yellow');

const KINDS = ['w1-w2+aux-e', 'gas+aux-e', 'oil+aux-e', 'packaged+aux-e', 'w1+w2+two-stage'] as const;
const tried = isSweep ? sixty : KINDS.map((kind) => ALL.find(({ id }) => id.startsWith(kind))!);

test.each(CAUGHT)('startup catches %s, in %j', (cause, steps) => {
  const caught = tried.flatMap((family) => {
    const { facts } = family;
    const known = causesOf(facts, jobModel(facts).wall.harness).find(({ id }) => id === cause);
    if (!known || isBeyondReading(cause, facts)) return [];
    const bad = readThrough(facts, known.effect, 7).filter(({ grade }) => grade === 'fail' || grade === 'warn');
    return [{ family: family.id, at: [...new Set(bad.map(({ step }) => step))] }];
  });
  expect(caught.length).toBeGreaterThan(0);
  const good = GOOD[cause.split(':')[0]!] ?? [];
  for (const { family, at } of caught) expect([family, at.filter((step) => good.includes(step))]).toEqual([family, []]);
  for (const { family, at } of caught)
    expect([family, at.filter((step) => steps.includes(step)).length > 0, at]).toEqual([family, true, at]);
});
