import type { VisitReason } from '../job/visit';
import type { PlannedItem, PlannedStep } from './planned';

/** Items of a step on a visit: by the start of their ids, or all. */
type Wanted = readonly string[] | 'all';

const DEAD: readonly string[] = ['dead-'];

/** Items of each kind of visit, by step; a step not listed is optional. */
const LISTS: Readonly<Record<VisitReason, Readonly<Record<string, Wanted>>>> = {
  new: {
    'make-safe': 'all',
    'element-ohms': 'all',
    water: ['trap', 'drain', 'float', 'level'],
    conditions: 'all',
    'supply-volts': 'all',
    'control-volts': ['volts-air-handler-R'],
    fan: ['volts-air-handler-G', 'static'],
    heat: ['volts-outdoor-unit-', 'compressor-amps', 'fan-amps', 'return', 'supply', 'static'],
    load: ['volts-outdoor'],
    'heat-2': ['volts-outdoor-unit-Y2', 'compressor-amps'],
    'own-stages': ['stage-min'],
    'heat-aux': ['volts-air-handler-W', 'strip-volts', 'amps-', 'static', 'by-jumper', 'put-back'],
    emergency: ['volts-outdoor-unit-Y', 'amps-', 'return', 'supply', 'static'],
    furnace: ['volts-', 'interlock-volts', 'low-gas', 'compressor-stays-off', 'return', 'supply', 'static'],
    gas: ['leaks', 'ambient-co', 'conversion', 'inlet-firing', 'manifold', 'clock', 'o2', 'co', 'rollout', 'sequence'],
    oil: ['ambient-co', 'line', 'pump', 'safety-s', 'draft-fire', 'smoke', 'o2', 'co', 'flue'],
    defrost: ['volts-air-handler-W1', 'minutes', 'fan-amps'],
    cool: ['volts-outdoor-unit-valve', 'valve', 'static'],
    gates: 'all',
    'far-ends': ['volts-heat-aux'],
    outage: ['comes-back'],
    refrigerant: ['superheat', 'subcooling', 'leak-sensor'],
    leave: 'all',
  },
  changeout: {
    'make-safe': DEAD,
    conditions: 'all',
    'control-volts': 'all',
    fan: ['volts-'],
    heat: ['volts-'],
    'heat-2': ['volts-'],
    'heat-aux': ['volts-', 'amps-', 'by-jumper', 'put-back'],
    emergency: ['volts-', 'amps-'],
    furnace: ['volts-', 'interlock-volts', 'compressor-stays-off'],
    defrost: ['volts-'],
    cool: ['volts-', 'valve'],
    'cool-2': ['volts-outdoor-unit-Y2'],
    gates: 'all',
    'far-ends': ['volts-heat-aux'],
    outage: ['comes-back'],
    leave: 'all',
  },
  'call-back': {
    'make-safe': DEAD,
    conditions: 'all',
    'supply-volts': 'all',
    'control-volts': ['volts-air-handler-R'],
    heat: ['volts-outdoor-unit-', 'compressor-amps', 'fan-amps', 'return', 'supply', 'static'],
    'heat-aux': ['strip-volts', 'amps-', 'static'],
    emergency: ['volts-outdoor-unit-Y', 'amps-'],
    furnace: ['volts-air-handler-W1', 'volts-outdoor-unit-Y', 'return', 'supply', 'static'],
    defrost: ['minutes'],
    leave: 'all',
  },
  season: {
    'make-safe': 'all',
    water: 'all',
    conditions: 'all',
    'supply-volts': 'all',
    'control-volts': ['volts-air-handler-R'],
    heat: ['compressor-amps', 'fan-amps', 'return', 'supply', 'static'],
    load: ['volts-outdoor', 'crankcase', 'surge'],
    'heat-aux': ['strip-volts', 'amps-', 'static'],
    emergency: ['return', 'supply', 'static'],
    furnace: ['interlock-volts', 'return', 'supply', 'static'],
    gas: ['leaks', 'ambient-co', 'inlet-firing', 'manifold', 'flame', 'o2', 'co', 'rollout'],
    oil: ['ambient-co', 'line', 'pump', 'draft-fire', 'smoke', 'o2', 'co', 'flue'],
    defrost: ['minutes'],
    'cool-air': 'all',
    leave: 'all',
  },
};

/** Maximum items a visit asks for by itself. */
export const MOST_ITEMS = 40;

/** What to drop first from a list that is too long: what another step shows too, or another visit can do. */
const GOES_FIRST: readonly (readonly [step: string, items: readonly string[]])[] = [
  ['far-ends', ['']],
  ['gates', ['']],
  ['outage', ['']],
  ['refrigerant', ['']],
  ['water', ['']],
  ['own-stages', ['']],
  ['fan', ['']],
  ['cool-2', ['']],
  ['heat-2', ['volts-air-handler', 'return', 'supply']],
  ['heat-aux', ['volts-outdoor', 'volts-air-handler-W']],
  ['emergency', ['volts-air-handler', 'volts-outdoor-unit-W']],
  ['control-volts', ['volts-air-handler-G', 'volts-air-handler-W', 'volts-outdoor']],
  ['cool', ['volts-air-handler', 'volts-outdoor-unit-Y']],
  ['defrost', ['fan-amps', 'volts-']],
  ['load', ['']],
  ['furnace', ['volts-air-handler']],
  ['gas', ['sequence', 'condensate', 'conversion']],
  ['oil', ['line']],
  ['element-ohms', ['']],
  ['cool-air', ['']],
  ['gas', ['clock', 'inlet']],
  ['cool', ['static', 'volts-']],
  ['heat', ['return', 'supply']],
];

const startsWithAny = (id: string, starts: readonly string[]) => starts.some((start) => id.startsWith(start));

const isWanted = (wanted: Wanted | undefined, id: string): boolean =>
  wanted === 'all' || (wanted !== undefined && startsWithAny(id, wanted));

/** Items with an entry on the visit stay visible on any list. */
const isSaid = ({ reading, leftOut }: PlannedItem) => reading !== undefined || leftOut !== undefined;

/**
 * A startup reduced to a visit's list: at most forty items, and every item with an entry. Steps without items are
 * omitted.
 */
export const forVisit = (steps: readonly PlannedStep[], reason: VisitReason): PlannedStep[] => {
  const list = LISTS[reason];
  const listed = new Set(
    steps.flatMap(({ step, items }) => items.filter(({ item }) => isWanted(list[step.id], item.id))),
  );
  for (const [id, starts] of GOES_FIRST) {
    if (listed.size <= MOST_ITEMS) break;
    for (const { step, items } of steps)
      if (step.id === id)
        for (const planned of [...items].reverse())
          if (listed.size > MOST_ITEMS && startsWithAny(planned.item.id, starts)) listed.delete(planned);
  }
  return steps.flatMap((planned) => {
    const items = planned.items.filter((item) => listed.has(item) || isSaid(item));
    return items.length === 0 ? [] : [{ ...planned, items }];
  });
};
