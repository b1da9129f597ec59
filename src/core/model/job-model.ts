import type { Balance } from '../balance/balance';
import { jobBalance } from '../balance/from-job';
import type { Moment } from '../control/moment';
import { hasNoFaults, type Scenario } from '../control/scenario';
import type { Facts } from '../job/document';
import { memoize, once } from '../units/once';
import { type StatesByCall, statesByCall } from '../wiring/behavior';
import { asPlannedState, type WiringState, withScenario } from '../wiring/state';
import { memoizeByFacts } from './memoize-by-facts';
import { type Wires, wiresOf } from './wires';

/** What a job's facts are calculated to before anything is asked of them; each part once, when it is first wanted. */
export interface JobModel extends Wires {
  readonly facts: Facts;
  readonly scenario: Scenario;
  /** The wires that the job shares with every other state of its facts that wires know nothing of. */
  readonly wires: Wires;
  readonly crossing: Balance;
  /** The wall at a moment, under the model's scenario. */
  readonly state: (moment: Moment) => WiringState;
  /** The wall in every call, under the model's scenario. */
  readonly states: (moment: Moment) => StatesByCall;
  /** The plan in every call, nothing wrong. */
  readonly soundStates: (moment: Moment) => StatesByCall;
}

/** Moments that the wires cannot tell apart have one key: outdoor temperature counts, the room's does not. */
const momentKey = ({ outdoorF }: Moment) => String(outdoorF);

const build = (facts: Facts, scenario: Scenario): JobModel => {
  const wires = wiresOf(facts);
  const crossing = once(() => jobBalance(facts));
  const here = (moment: Moment) => withScenario(moment, scenario);
  const state = memoize(
    ({ outdoorF, indoorF, call }: Moment) => `${outdoorF} ${indoorF} ${call}`,
    (moment) => wires.wall.at(facts, here(moment)),
  );
  const states = memoize(momentKey, (moment: Moment) => statesByCall(facts, wires.wall, here(moment)));
  const soundStates = memoize(momentKey, (moment: Moment) =>
    wires.wall === wires.sound && hasNoFaults(scenario)
      ? states(moment)
      : statesByCall(facts, wires.sound, asPlannedState(moment)),
  );
  return {
    facts,
    scenario,
    wires,
    supply: wires.supply,
    soundAt: wires.soundAt,
    states,
    soundStates,
    get refused() {
      return wires.refused;
    },
    get planned() {
      return wires.planned;
    },
    get harness() {
      return wires.harness;
    },
    get sound() {
      return wires.sound;
    },
    get wall() {
      return wires.wall;
    },
    get crossing() {
      return crossing();
    },
    state,
    worked: wires.worked,
  };
};

/**
 * The one place to ask anything about a job: plan, wall, states by call and temperature, crossing (what it reads, what
 * wants a look and its startup apart, see `readsOnWall`, `findingsOf` and `startupOf`). The same facts (the same
 * object) give the same model, so that pages, worker and command line share its work; it is let go with its facts. Its
 * scenario is what is tried on it: conditions and faults.
 * @example
 * const model = jobModel(facts);
 * model.state(DEFAULT_MOMENT).energized.has('contactor');
 * findingsOf(model).filter(({ severity }) => severity === 'error');
 */
export const jobModel: (facts: Facts, scenario?: Scenario) => JobModel = memoizeByFacts(build);
