import type { Moment } from '../control/moment';
import { isSound, type Scenario } from '../control/scenario';
import type { Crossing } from '../crossing/balance';
import { jobCrossing } from '../crossing/from-job';
import type { Facts } from '../job/document';
import { sameValue } from '../job/document';
import type { Finding } from '../job/finding';
import { memo, once } from '../units/once';
import { harnessInWall } from '../wiring/as-found';
import { type StatesByCall, statesByCall } from '../wiring/behaviour';
import type { Harness } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { refusals } from '../wiring/refusals';
import { type Bench, benchOf, soundly, type Supply, supplyOf, trying, type WiringState } from '../wiring/state';
import { perFacts } from './per-facts';

/** What a job's facts are worked out to before anything is asked of them; each part once, when it is first wanted. */
export interface JobModel {
  readonly facts: Facts;
  readonly scenario: Scenario;
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
  readonly crossing: Crossing;
  /** The wall at a moment, under the model's scenario. */
  readonly state: (moment: Moment) => WiringState;
  /** The wall in every call, under the model's scenario. */
  readonly states: (moment: Moment) => StatesByCall;
  /** The plan in every call, nothing wrong. */
  readonly soundStates: (moment: Moment) => StatesByCall;
  /** How much was worked out so far. */
  readonly worked: () => { readonly plans: number; readonly solutions: number };
}

/** Moments that the wires cannot tell apart have one key: outdoor temperature counts, the room's does not. */
const momentKey = ({ outdoorF }: Moment) => String(outdoorF);

/** Line volts to this share are one bench. */
const shareKey = (share: number) => share.toFixed(4);

const build = (facts: Facts, scenario: Scenario): JobModel => {
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
  const harness = once(() => harnessInWall(facts, planned()));
  const isAsPlanned = once(
    () =>
      harness() === planned() ||
      (sameValue(harness().conductors, planned().conductors) && sameValue(harness().jumpers, planned().jumpers)),
  );
  const soundAt = memo(shareKey, (share: number) => put(planned(), { ...supply, share }));
  const sound = once(() => soundAt(supply.share));
  const wall = once(() => (isAsPlanned() ? sound() : put(harness(), supply)));
  const refused = once(() => refusals(facts));
  const crossing = once(() => jobCrossing(facts));
  const here = (moment: Moment) => trying(moment, scenario);
  const state = memo(
    ({ outdoorF, indoorF, call }: Moment) => `${outdoorF} ${indoorF} ${call}`,
    (moment) => wall().at(facts, here(moment)),
  );
  const states = memo(momentKey, (moment: Moment) => statesByCall(facts, wall(), here(moment)));
  const soundStates = memo(momentKey, (moment: Moment) =>
    wall() === sound() && isSound(scenario) ? states(moment) : statesByCall(facts, sound(), soundly(moment)),
  );
  return {
    facts,
    scenario,
    supply,
    soundAt,
    states,
    soundStates,
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
    get crossing() {
      return crossing();
    },
    state,
    worked: () => ({ plans, solutions: benches.reduce((sum, { solutions }) => sum + solutions(), 0) }),
  };
};

/**
 * The one place to ask anything about a job: plan, wall, states by call and temperature, crossing (what it reads, what
 * wants a look and its startup apart, see `readsOnWall`, `findingsOf` and `startupOf`). The same facts (the same
 * object) give the same model, so that pages, worker and command line share its work; it is let go with its facts. Its
 * scenario is what is tried on it: conditions and faults.
 * @example
 * const model = jobModel(facts);
 * model.state(DEFAULT_MOMENT).energised.has('contactor');
 * findingsOf(model).filter(({ severity }) => severity === 'error');
 */
export const jobModel: (facts: Facts, scenario?: Scenario) => JobModel = perFacts(build);
