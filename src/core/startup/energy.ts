import { indoorId } from '../devices';
import { DEVICE_LABELS } from '../devices/device';
import type { Facts } from '../job/document';
import { inTime } from '../job/in-time';
import { isFurnaceIndoors } from '../job/indoor-supply';
import { kitRows } from '../job/kit-rows';
import { type Reading, type ReadingValue, seenValue, seenWord } from '../job/reading';
import { ladder } from '../strips/ladder';

/** A hazardous supply, by the end of the key that verifies it dead. */
export type SupplyId = `kit-${number}` | 'air-handler' | 'outdoor';

/**
 * State of a supply by the order of the record: nothing known; read without volts but not verified dead; open; open and
 * locked; open, locked and verified dead; live.
 */
export type Energy = 'unknown' | 'no-volts' | 'open' | 'locked' | 'proved' | 'live';

export interface Supply {
  readonly id: SupplyId;
  readonly label: string;
  /** Its breaker as found, A; null: not on the Survey. */
  readonly breakerAmps: number | null;
}

/** State of a supply, and the reading that shows it. */
export interface SupplyState extends Supply {
  readonly energy: Energy;
  /** The last word on it; null: none. */
  readonly by: Reading | null;
}

/** Line volts at which a supply counts as live, and amps at which something on it runs. Our judgment. */
const LIVE_VOLTS = 30;
const LIVE_AMPS = 0.5;
/** Control volts at which its transformer counts as powered. */
const LIVE_CONTROL_VOLTS = 10;
/** Line volts below which a meter shows none. */
const NO_VOLTS = 5;

/** Supplies of a job that make-safe must verify dead. */
export const suppliesOf = (facts: Facts): readonly Supply[] => {
  const isPackaged = facts.system.cabinet === 'packaged';
  const kit = kitRows(facts).length === 0 ? [] : facts.heatKit.breakersAmps;
  // A furnace has its own circuit, whatever a kit entry says.
  const hasOwn = !isPackaged && (!facts.heatKit.blowerOnFirstCircuit || kit.length === 0);
  return [
    ...kit.map((breakerAmps, at) => ({
      id: `kit-${at + 1}` as const,
      label: `Heat-kit circuit ${at + 1}`,
      breakerAmps,
    })),
    ...(hasOwn
      ? [
          {
            id: 'air-handler' as const,
            label: isFurnaceIndoors(facts)
              ? 'Furnace circuit and its switch'
              : `${DEVICE_LABELS[indoorId(facts)]} supply`,
            breakerAmps: null,
          },
        ]
      : []),
    { id: 'outdoor', label: isPackaged ? 'Unit’s disconnect' : 'Outdoor disconnect', breakerAmps: null },
  ];
};

/** The supply of the control transformer. */
export const controlSupply = (facts: Facts): SupplyId => {
  const ids = suppliesOf(facts).map(({ id }) => id);
  return ids.find((id) => id === 'air-handler') ?? ids.find((id) => id === 'kit-1') ?? 'outdoor';
};

const above = (value: ReadingValue, least: number): boolean => typeof value === 'number' && value >= least;

const OUTDOOR_RUNS: ReadonlySet<string | null> = new Set([
  'runs',
  'fan-alone',
  'fan-and-hum',
  'compressor-alone',
  'hums',
]);

/** What a reading shows about supplies: live ones, and ones without volts. */
interface Says {
  readonly live: readonly SupplyId[];
  readonly dead: readonly SupplyId[];
}

const saysOf = (facts: Facts, item: string, value: ReadingValue): Says => {
  const [place = '', name = ''] = item.split('/');
  const only = (is: boolean, ...live: readonly SupplyId[]) => ({ live: is ? live : [], dead: [] });
  if (place === 'supply-volts' || /^volts-outdoor$/.test(name)) {
    const id = (place === 'supply-volts' ? name : 'outdoor') as SupplyId;
    return {
      live: above(value, LIVE_VOLTS) ? [id] : [],
      dead: typeof value === 'number' && value < NO_VOLTS ? [id] : [],
    };
  }
  const kits = suppliesOf(facts).flatMap(({ id }) => (id.startsWith('kit-') ? [id] : []));
  if (item === 'strips/volts') return only(above(value, LIVE_VOLTS), ...kits);
  const circuit = /^amps-(\d)$/.exec(name)?.[1];
  if (circuit !== undefined) return only(above(value, LIVE_AMPS), `kit-${Number(circuit)}`);
  const element = /^amps-element-(\d)$/.exec(name)?.[1];
  if (element !== undefined) {
    const of = ladder(facts).circuits.find(({ circuit: { elements } }) => elements.includes(Number(element) - 1));
    return only(above(value, LIVE_AMPS) && of !== undefined, `kit-${(of?.at ?? 0) + 1}`);
  }
  if (/^(compressor|fan)-amps$/.test(name)) return only(above(value, LIVE_AMPS), 'outdoor');
  if (name === 'look-outdoor-unit') return only(OUTDOOR_RUNS.has(seenWord(value)), 'outdoor');
  if (name === 'look-blower') return only(seenWord(value) === 'runs', controlSupply(facts));
  if (/^volts-/.test(name)) return only(above(value, LIVE_CONTROL_VOLTS), controlSupply(facts));
  return { live: [], dead: [] };
};

/** The steps before a supply is verified dead, in order. */
export const BEFORE_VERIFIED = [
  { word: 'open', label: 'Open' },
  { word: 'locked', label: 'Locked out' },
  { word: 'tested', label: 'Tester proven on a live source' },
] as const;

/** Steps done toward verifying a supply dead. */
const stageOf = (value: ReadingValue): Energy | undefined => {
  const word = BEFORE_VERIFIED.find((stage) => value === seenValue(stage.word))?.word;
  if (value === seenValue(STILL_LIVE)) return 'live';
  return word === 'tested' ? 'locked' : word;
};

/** Message for a supply that was locked out and still shows volts. */
export const STILL_LIVE = 'still-live';

/** The tick item for a supply open, locked out and verified dead. */
export const verifiedDeadItem = (id: SupplyId): string => `make-safe/dead-${id}`;

/**
 * State of each supply of a job, in record order. A reading with volts ends a verification; a verification ends a live
 * state.
 */
export const supplyStates = (facts: Facts, readings: readonly Reading[]): readonly SupplyState[] => {
  const supplies = suppliesOf(facts);
  const states = new Map<SupplyId, SupplyState>(
    supplies.map((supply) => [supply.id, { ...supply, energy: 'unknown', by: null }]),
  );
  const say = (id: SupplyId, energy: Energy, by: Reading) => {
    const known = states.get(id);
    if (known) states.set(id, { ...known, energy, by });
  };
  const withdrawn = new Set(readings.flatMap(({ status, replaces }) => (status === 'withdrawn' ? [replaces] : [])));
  for (const reading of inTime(readings)) {
    if (reading.status !== 'taken' || withdrawn.has(reading.id)) continue;
    const { item, value } = reading;
    const ticked = supplies.find(({ id }) => verifiedDeadItem(id) === item);
    if (ticked) {
      say(ticked.id, value === 'done' ? 'proved' : (stageOf(value) ?? 'unknown'), reading);
      continue;
    }
    const { live, dead } = saysOf(facts, item, value);
    for (const id of live) say(id, 'live', reading);
    // Zero volts on a meter is not a verification, and does not end one.
    for (const id of dead)
      if (!['open', 'locked', 'proved'].includes(states.get(id)?.energy ?? '')) say(id, 'no-volts', reading);
  }
  return supplies.map(({ id }) => states.get(id)!);
};

/** A cabinet that hands go into. */
export type Cabinet = 'indoor' | 'outdoor' | 'wall' | 'every';

/** Supplies of a cabinet: all of them in a packaged unit; at the thermostat, the one that feeds the transformer. */
const suppliesIn = (facts: Facts, cabinet: Cabinet): ReadonlySet<SupplyId> => {
  const ids = suppliesOf(facts).map(({ id }) => id);
  if (cabinet === 'every' || facts.system.cabinet === 'packaged') return new Set(ids);
  if (cabinet === 'wall') return new Set([controlSupply(facts)]);
  return new Set(ids.filter((id) => (id === 'outdoor') === (cabinet === 'outdoor')));
};

const NEEDS: Readonly<Record<Energy, string>> = {
  unknown: 'not opened yet',
  'no-volts': 'no volts read, not locked out',
  open: 'open, not locked out',
  locked: 'locked out, not verified dead',
  proved: '',
  live: 'live when last read',
};

/**
 * Why hands must stay out of a cabinet: each of its supplies must be open, locked out and verified dead since it was
 * last live. Verifying, live readings and clamping are not hands-in work.
 * @returns null where they may go in
 */
export const handsOut = (facts: Facts, states: readonly SupplyState[], cabinet: Cabinet): string | null => {
  const own = suppliesIn(facts, cabinet);
  const left = states.filter(({ id, energy }) => own.has(id) && energy !== 'proved');
  return left.length === 0
    ? null
    : `Hands out. Open, lock out and verify dead first: ${left.map(({ label, energy }) => `${label.toLowerCase()} (${NEEDS[energy]})`).join(', ')}.`;
};
