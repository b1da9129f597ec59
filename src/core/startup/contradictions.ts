import { type StopId, stopWords } from '../safety/stops';
import { PULL_IN_VOLTS } from '../units/control-volts';
import { apartF } from '../units/degrees';
import { roundTo } from '../units/round';
import type { StartupContext } from './given';
import type { PlannedItem, PlannedStep } from './planned';
import { HEATS_AMPS, RUNS_SHARE } from './runs-uncalled';

/** Two readings of one step that cannot both be right, and what to do. */
interface Contradiction {
  /** Keys of the two. */
  readonly keys: readonly [string, string];
  readonly means: string;
  readonly next: string;
  /** The stop that it causes. */
  readonly stop?: StopId;
}

/**
 * Limits beyond which two readings cannot both be right, all our judgment and wide, so that a finding is certain. A
 * rise that needs a heat source, °F; probes and a warm duct make less.
 */
const WARM_RISE_F = 8;
/** Line volts below which a supply feeds nothing. */
const DEAD_LINE_VOLTS = 60;

const numberOf = (planned: PlannedItem | undefined): number | undefined =>
  typeof planned?.reading?.value === 'number' ? planned.reading.value : undefined;

/** Readings of a step by the end of their keys. */
const readingsOf = ({ items }: PlannedStep) => {
  const find = (pattern: RegExp) => items.find(({ key, reading }) => pattern.test(key) && reading !== undefined);
  const amps = items.filter(({ key, reading }) => /\/amps-\d$/.test(key) && reading !== undefined);
  return { find, amps };
};

const again = 'Read both again within the same minute on the same call. If they agree, go by that.';

/** Heat that its call cannot give, and a call without its heat. */
const callAgainstHeat = (context: StartupContext, step: PlannedStep): Contradiction[] => {
  const { find, amps } = readingsOf(step);
  const call = find(/\/volts-air-handler-W1$/);
  const volts = numberOf(call);
  const hot = amps.find((each) => (numberOf(each) ?? 0) - heldByBlower(context, each) >= HEATS_AMPS);
  const y = find(/\/volts-outdoor-unit-Y$/);
  const compressor = find(/\/compressor-amps$/);
  const rated = context.facts.outdoorUnit.compressorRatedAmps;
  const [yVolts, compressorAmps] = [numberOf(y), numberOf(compressor)];
  return [
    ...(call && hot && volts !== undefined && volts < PULL_IN_VOLTS
      ? [
          {
            keys: [call.key, hot.key] as const,
            means: `${roundTo(volts, 1)} V at W1 and ${roundTo(numberOf(hot)!, 1)} A in the strips cannot both be right.`,
            next: stopWords('welded-element'),
            stop: 'welded-element' as const,
          },
        ]
      : []),
    ...(y &&
    compressor &&
    rated !== null &&
    yVolts !== undefined &&
    compressorAmps !== undefined &&
    yVolts < PULL_IN_VOLTS &&
    compressorAmps >= RUNS_SHARE * rated
      ? [
          {
            keys: [y.key, compressor.key] as const,
            means: `${roundTo(yVolts, 1)} V at Y and ${roundTo(compressorAmps, 1)} A in the compressor cannot both be right.`,
            next: stopWords('welded-contactor'),
            stop: 'welded-contactor' as const,
          },
        ]
      : []),
  ];
};

const heldByBlower = ({ facts }: StartupContext, { item, reading }: PlannedItem): number =>
  item.places !== undefined && reading?.place !== 'heaters-only' ? facts.airHandler.blowerAmps : 0;

/** Warm air without a heat source, or a heat source with cold air; strips alone. */
const airAgainstHeat = (context: StartupContext, step: PlannedStep): Contradiction[] => {
  if (step.built.call !== 'emergency') return [];
  const { find, amps } = readingsOf(step);
  const [back, out] = [find(/\/return$/), find(/\/supply$/)];
  const [returnF, supplyF] = [numberOf(back), numberOf(out)];
  const [first] = amps;
  if (!out || !first || returnF === undefined || supplyF === undefined) return [];
  const heats = amps.map((each) => (numberOf(each) ?? 0) - heldByBlower(context, each));
  const isHeating = heats.some((each) => each >= HEATS_AMPS);
  const riseF = supplyF - returnF;
  if (!isHeating && amps.every((each) => numberOf(each) !== undefined) && riseF >= WARM_RISE_F)
    return [
      {
        keys: [first.key, out.key],
        means: `A rise of ${apartF(roundTo(riseF, 1))} and no strip drawing current cannot both be right in emergency heat.`,
        next: `${again} Is the compressor still running? Is the clamp on the right feed?`,
      },
    ];
  if (isHeating && riseF <= 0)
    return [
      {
        keys: [first.key, out.key],
        means: `Strips drawing ${roundTo(Math.max(...heats), 1)} A with no temperature rise cannot both be right.`,
        next: `${again} Are the probes swapped? Is the blower running?`,
      },
    ];
  return [];
};

/** Current without voltage. */
const ampsAgainstVolts = (step: PlannedStep): Contradiction[] => {
  const { find, amps } = readingsOf(step);
  const line = find(/^strips\/volts$/);
  const volts = numberOf(line);
  const hot = amps.find((each) => (numberOf(each) ?? 0) >= HEATS_AMPS);
  return line && hot && volts !== undefined && volts < DEAD_LINE_VOLTS
    ? [
        {
          keys: [line.key, hot.key],
          means: `${roundTo(volts, 0)} V at the kit and ${roundTo(numberOf(hot)!, 1)} A in it cannot both be right.`,
          next: again,
        },
      ]
    : [];
};

/** Contradictions within one step. */
const contradictionsOf = (context: StartupContext, step: PlannedStep): Contradiction[] => [
  ...callAgainstHeat(context, step),
  ...airAgainstHeat(context, step),
  ...ampsAgainstVolts(step),
];

/** Steps in which no contradicted reading passes; a reading that two steps share counts in both. */
export const withContradictions = (context: StartupContext, steps: readonly PlannedStep[]): PlannedStep[] => {
  const spoken = new Map(
    steps.flatMap((step) => contradictionsOf(context, step)).flatMap((each) => each.keys.map((key) => [key, each])),
  );
  if (spoken.size === 0) return [...steps];
  return steps.map((step) => ({
    ...step,
    items: step.items.map((planned) => {
      const against = spoken.get(planned.key);
      return against && planned.verdict
        ? {
            ...planned,
            verdict: {
              grade: 'fail',
              means: against.means,
              next: against.next,
              ...(against.stop ? { stop: against.stop } : {}),
            },
          }
        : planned;
    }),
  }));
};
