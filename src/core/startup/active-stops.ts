import type { Facts } from '../job/document';
import { inTime } from '../job/in-time';
import { type Reading, seenWord, type TakenReading } from '../job/reading';
import { observed } from '../model/observation-key';
import { oldWiringOverVolts } from '../safety/old-wiring-volts';
import type { StopId } from '../safety/stops';
import { MOST_CONTROL_VOLTS, PULL_IN_VOLTS } from '../units/control-volts';
import { colorName } from '../wiring/harness';
import { coVerdict } from './combustion';
import type { PlannedItem, PlannedStep } from './plan';
import { HEATS_AMPS, runsUncalled } from './runs-uncalled';

/** An active stop: no passing reading has cleared it. */
export interface ActiveStop {
  readonly stop: StopId;
  /** The reading that caused the stop; null: read at the old thermostat. */
  readonly by: TakenReading | null;
  /** Name of what was read. */
  readonly label: string;
  /** Key of the item whose passing reading clears it. */
  readonly key: string;
}

/** What a reading says about a stop. */
type Says = 'stops' | 'lifts' | null;

/** A condition that can stop the work, judged by the last reading of each item. */
interface Watch {
  readonly id: string;
  readonly stop: StopId;
  readonly about: (item: string) => boolean;
  readonly label: string;
  readonly says: (last: ReadonlyMap<string, TakenReading>, item: string) => Says;
}

const numberOf = (reading: TakenReading | undefined): number | undefined =>
  typeof reading?.value === 'number' ? reading.value : undefined;

/** Startup items whose verdict stops the work. CO is judged with its O₂, below. */
const itemWatches = (items: readonly PlannedItem[]): Watch[] =>
  items
    .filter(({ key }) => !/\/co$/.test(key))
    .flatMap(({ key, item, judged }): Watch[] => {
      const ids: StopId[] = [
        ...(item.stops ? [item.stops] : []),
        ...(item.isControlVolts || item.of?.observable.kind === 'volts' ? (['control-overvoltage'] as const) : []),
      ];
      return ids.map((stop) => ({
        id: `${stop} ${key}`,
        stop,
        about: (other) => other === key,
        label: item.label,
        says: (last) => {
          const { value, place } = last.get(key)!;
          if (value === 'undone') return null;
          const verdict = judged(value, place);
          if (verdict.stop === stop) return 'stops';
          return verdict.grade === 'pass' ? 'lifts' : null;
        },
      }));
    });

/** CO and the O₂ of its sample: a new O₂ alone never clears a CO stop. */
const coWatch = (facts: Facts, step: 'gas' | 'oil'): Watch => ({
  id: `co ${step}`,
  stop: 'co',
  about: (item) => item === `${step}/co` || item === `${step}/o2`,
  label: 'CO in the flue',
  says: (last, item) => {
    const co = numberOf(last.get(`${step}/co`));
    if (co === undefined) return null;
    const { grade } = coVerdict(co, numberOf(last.get(`${step}/o2`)), facts.proof.mostCoPpm);
    if (grade === 'fail') return 'stops';
    return grade === 'pass' && item.endsWith('/co') ? 'lifts' : null;
  },
});

const CALLS = ['control-volts', 'heat', 'heat-2', 'heat-aux', 'emergency', 'cool', 'cool-2'] as const;

/** A compressor that runs with Y dead, and strips that heat with W dead or without a call. */
const weldedWatches = (facts: Facts): Watch[] =>
  CALLS.flatMap((call): Watch[] => [
    {
      id: `welded-contactor ${call}`,
      stop: 'welded-contactor',
      about: (item) =>
        [`${call}/compressor-amps`, `${call}/look-outdoor-unit`, `${call}/volts-outdoor-unit-Y`].includes(item),
      label: 'Compressor with Y dead',
      says: (last) => {
        const y = numberOf(last.get(`${call}/volts-outdoor-unit-Y`));
        const amps = numberOf(last.get(`${call}/compressor-amps`));
        const seen = last.get(`${call}/look-outdoor-unit`);
        const runs = runsUncalled(facts, amps, seen ? seenWord(seen.value) : null);
        if (runs === null || y === undefined) return null;
        return runs && y < PULL_IN_VOLTS ? 'stops' : 'lifts';
      },
    },
    {
      id: `welded-element ${call}`,
      stop: 'welded-element',
      about: (item) =>
        item === `${call}/volts-air-handler-W1` ||
        item === `${call}/rung-amps` ||
        RUNG_AMPS.test(item.slice(call.length)),
      label: 'Strips without a call',
      says: (last) => {
        const amps = [...last].filter(([key]) => key.startsWith(call) && RUNG_AMPS.test(key.slice(call.length)));
        const rungs = last.get(`${call}/rung-amps`);
        const w1 = numberOf(last.get(`${call}/volts-air-handler-W1`));
        const isCalled = call !== 'control-volts' && (w1 === undefined || w1 >= PULL_IN_VOLTS);
        if (amps.length === 0 && !rungs) return null;
        const heats =
          amps.some(([, each]) => (numberOf(each) ?? 0) - facts.airHandler.blowerAmps >= HEATS_AMPS) ||
          (rungs !== undefined && seenWord(rungs.value) !== null && seenWord(rungs.value) !== 'none');
        return heats && !isCalled ? 'stops' : 'lifts';
      },
    },
  ]);

const RUNG_AMPS = /^\/amps-(\d|element-\d|main)$/;

/** Over 30 V on a control conductor, read on any page. */
const overvoltWatches = (readings: readonly Reading[], known: ReadonlySet<string>): Watch[] =>
  [...new Set(readings.map(({ item }) => item))]
    .filter((item) => CONTROL_VOLTS.test(item) && !known.has(item))
    .map((key) => ({
      id: `control-overvoltage ${key}`,
      stop: 'control-overvoltage' as const,
      about: (item: string) => item === key,
      label: 'Volts on a control conductor',
      says: (last: ReadonlyMap<string, TakenReading>) => {
        const volts = numberOf(last.get(key));
        return volts === undefined ? null : volts > MOST_CONTROL_VOLTS ? ('stops' as const) : ('lifts' as const);
      },
    }));
const CONTROL_VOLTS = /^[a-z0-9-]+\/volts-(?!outdoor$)/;

/**
 * Active stops of a job, in order of the readings. A corrected or withdrawn reading still stops the work: only a
 * passing reading of the same thing clears it.
 * @param steps the startup of the visit, for its verdicts
 * @param readings of all visits, in any order: a stop outlives its visit
 */
export const activeStops = (
  facts: Facts,
  steps: readonly PlannedStep[],
  readings: readonly Reading[],
): readonly ActiveStop[] => {
  const items = [...new Map(steps.flatMap((step) => step.items).map((item) => [item.key, item])).values()];
  const known = new Set(items.map(({ key }) => key));
  const taken = inTime(observed(facts, readings)).filter(
    (reading): reading is TakenReading => reading.status === 'taken',
  );
  const watches: Watch[] = [
    ...itemWatches(items),
    coWatch(facts, 'gas'),
    coWatch(facts, 'oil'),
    ...weldedWatches(facts),
    ...overvoltWatches(taken, known),
  ];
  const last = new Map<string, TakenReading>();
  const active = new Map<string, ActiveStop>();
  for (const reading of taken) {
    // Readings of different visits are not a pair.
    if ([...last.values()].at(-1)?.visit !== reading.visit) last.clear();
    last.set(reading.item, reading);
    for (const { id, stop, about, label, says } of watches) {
      if (!about(reading.item)) continue;
      const said = says(last, reading.item);
      if (said === 'stops') active.set(id, active.get(id) ?? { stop, by: reading, label, key: reading.item });
      if (said === 'lifts') active.delete(id);
    }
  }
  return [
    ...oldWiringOverVolts(facts).map(({ colour, volts }): ActiveStop => ({
      stop: 'control-overvoltage',
      by: null,
      label: `${volts} V on the ${colorName(colour)} conductor of the old thermostat`,
      key: `changeout/${colour}`,
    })),
    ...active.values(),
  ];
};
