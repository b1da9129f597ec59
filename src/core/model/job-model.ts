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

/** Everything computed from a job's facts; each part once, when first needed. */
export interface JobModel extends Wires {
  readonly facts: Facts;
  readonly scenario: Scenario;
  /** Wires, shared with every other version of the facts that does not affect wiring. */
  readonly wires: Wires;
  readonly crossing: Balance;
  /** The wiring as found at a moment, with the model's scenario. */
  readonly state: (moment: Moment) => WiringState;
  /** The wiring as found on every call, with the model's scenario. */
  readonly states: (moment: Moment) => StatesByCall;
  /** The plan on every call, without faults. */
  readonly soundStates: (moment: Moment) => StatesByCall;
}

/** Key of a moment for wiring: outdoor temperature counts, room temperature does not. */
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
 * The one place to ask anything about a job: plan, wiring as found, states by call and temperature, balance. Readings,
 * findings and startup have their own functions: `readsOnWall`, `findingsOf`, `startupOf`. The same facts object gives
 * the same model, so that pages, worker and command line share its work; it is released with its facts. Its scenario is
 * what is simulated: conditions and faults.
 * @example
 * const model = jobModel(facts);
 * model.state(DEFAULT_MOMENT).energized.has('contactor');
 * findingsOf(model).filter(({ severity }) => severity === 'error');
 */
export const jobModel: (facts: Facts, scenario?: Scenario) => JobModel = memoizeByFacts(build);
