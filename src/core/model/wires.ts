import { type Facts, sameValue } from '../job/document';
import type { Finding } from '../job/finding';
import { memoize, once } from '../units/once';
import { harnessAsFound } from '../wiring/as-found';
import type { Harness } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { type Bench, benchOf, type Supply, supplyOf } from '../wiring/state';

/** A job's wiring before any call; each part computed once, when first needed. */
export interface Wires {
  /** Why the wiring cannot be planned; empty if it can. */
  readonly refused: readonly Finding[];
  readonly planned: Harness;
  /** Actual wiring: as recorded, or as planned. */
  readonly harness: Harness;
  /** The plan on the bench, without faults. */
  readonly sound: Bench;
  /** Actual wiring on the bench; the same bench if it matches the plan. */
  readonly wall: Bench;
  readonly supply: Supply;
  /** The plan at other line volts, relative to the transformer's tap. */
  readonly soundAt: (share: number) => Bench;
  /** Number of solutions so far, across all sharers of these wires. */
  readonly worked: () => { readonly plans: number; readonly solutions: number };
}

/** Line volts within this share use one bench. */
const shareKey = (share: number) => share.toFixed(4);

const build = (facts: Facts): Wires => {
  let plans = 0;
  const benches: Bench[] = [];
  const put = (harness: Harness, supply: Supply) => {
    benches.push(benchOf(harness, supply));
    return benches.at(-1)!;
  };
  const supply = supplyOf(facts);
  const planned = once(() => {
    plans++;
    return plan(facts);
  });
  const harness = once(() => harnessAsFound(facts, planned()));
  const isAsPlanned = once(
    () =>
      harness() === planned() ||
      (sameValue(harness().conductors, planned().conductors) && sameValue(harness().jumpers, planned().jumpers)),
  );
  const soundAt = memoize(shareKey, (share: number) => put(planned(), { ...supply, share }));
  const sound = once(() => soundAt(supply.share));
  const wall = once(() => (isAsPlanned() ? sound() : put(harness(), supply)));
  const refused = once(() => refusals(facts));
  return {
    supply,
    soundAt,
    get refused() {
      return refused();
    },
    get planned() {
      return planned();
    },
    get harness() {
      return isAsPlanned() ? planned() : harness();
    },
    get sound() {
      return sound();
    },
    get wall() {
      return wall();
    },
    worked: () => ({ plans, solutions: benches.reduce((sum, { solutions }) => sum + solutions(), 0) }),
  };
};

/** Facts that do not affect wiring. */
const WITHOUT_WIRES = {
  site: null,
  house: null,
  load: null,
  prices: null,
  year: null,
  talk: null,
  service: null,
  proof: null,
} as const;

/** Facts that wiring depends on; lockout temperatures are left out. */
const wireFacts = (facts: Facts) => ({
  ...facts,
  ...WITHOUT_WIRES,
  gates: { ...facts.gates, compressorBelowF: null, auxAboveF: null },
});

/** Maximum cached wirings per system: the present one, and alternatives that a page compares. */
const KEPT = 12;

interface Kept {
  readonly madeOf: ReturnType<typeof wireFacts>;
  readonly wires: Wires;
}

/** Cached by an object that all versions of a job's facts share, last used first; released with the job. */
const all = new WeakMap<object, readonly Kept[]>();

/**
 * A job's wires. Facts that differ only in what does not affect wiring (a price, a dragged lockout) share them, so that
 * nothing is planned or solved again.
 */
export const wiresOf = (facts: Facts): Wires => {
  const madeOf = wireFacts(facts);
  const kept = all.get(facts.system) ?? [];
  const used = kept.find((each) => sameValue(each.madeOf, madeOf)) ?? { madeOf, wires: build(facts) };
  if (used !== kept[0]) all.set(facts.system, [used, ...kept.filter((each) => each !== used)].slice(0, KEPT));
  return used.wires;
};
