import { type Facts, sameValue } from '../job/document';
import type { Finding } from '../job/finding';
import { memoize, once } from '../units/once';
import { harnessAsFound } from '../wiring/as-found';
import type { Harness } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { type Bench, benchOf, type Supply, supplyOf } from '../wiring/state';

/** What a job's wires are calculated to, before any call; each part once, when it is first wanted. */
export interface Wires {
  /** Why the wiring cannot be planned; empty where it can. */
  readonly refused: readonly Finding[];
  readonly planned: Harness;
  /** What is in the wall: as recorded, or as planned. */
  readonly harness: Harness;
  /** The plan on the bench, nothing wrong with it. */
  readonly sound: Bench;
  /** What is in the wall on the bench; the same bench where it is the plan. */
  readonly wall: Bench;
  readonly supply: Supply;
  /** The plan at other line volts, as a share of what the transformer's tap is for. */
  readonly soundAt: (share: number) => Bench;
  /** How much was calculated so far, by all who share these wires. */
  readonly worked: () => { readonly plans: number; readonly solutions: number };
}

/** Line volts to this share are one bench. */
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

/** Facts that no wire knows of. */
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

/** The facts that wires are calculated from; the lockouts are left to whoever moves them. */
const wireFacts = (facts: Facts) => ({
  ...facts,
  ...WITHOUT_WIRES,
  gates: { ...facts.gates, compressorBelowF: null, auxAboveF: null },
});

/** This many ways to wire one system are kept: what is there, and the choices that a page weighs against it. */
const KEPT = 12;

interface Kept {
  readonly madeOf: ReturnType<typeof wireFacts>;
  readonly wires: Wires;
}

/** By an object that all states of a job's facts share, last used first; let go with the job. */
const all = new WeakMap<object, readonly Kept[]>();

/**
 * The wires of a job. Facts that differ in nothing wires know of (a price, a lockout that is dragged) share them, so
 * that nothing is planned or solved again for those.
 */
export const wiresOf = (facts: Facts): Wires => {
  const madeOf = wireFacts(facts);
  const kept = all.get(facts.system) ?? [];
  const used = kept.find((each) => sameValue(each.madeOf, madeOf)) ?? { madeOf, wires: build(facts) };
  if (used !== kept[0]) all.set(facts.system, [used, ...kept.filter((each) => each !== used)].slice(0, KEPT));
  return used.wires;
};
