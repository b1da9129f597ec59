import type { ConditionId } from '../../control/conditions';
import type { Moment } from '../../control/moment';
import { NO_FAULTS, withCondition } from '../../control/scenario';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { memoize, once } from '../../units/once';
import { allCoils, type BehaviorChange, behaviorChanges, type StatesByCall, statesByCall } from '../behavior';
import type { Harness } from '../harness';
import { type Joined, joined } from '../joined';
import type { Bench } from '../state';

/** Subject of a wiring rule: actual and planned wiring in every call, with lockouts removed. */
export interface WiringSubject {
  readonly facts: Facts;
  /** The same with the job's own lockouts. */
  readonly jobFacts: Facts;
  readonly planned: Harness;
  /** As found, or as planned. */
  readonly harness: Harness;
  readonly bench: Bench;
  readonly joined: Joined;
  /** In the cold, with every outdoor thermostat closed. */
  readonly cold: StatesByCall;
  /** In mild weather, with every outdoor thermostat open; the board defrosts as in the cold. */
  readonly mild: StatesByCall;
  readonly plannedCold: StatesByCall;
  readonly plannedMild: StatesByCall;
  /** Coils that deviate from the plan in the cold, including powering ones. */
  readonly coldChanges: readonly BehaviorChange[];
  /** In the cold, with an outside condition. */
  readonly during: (condition: ConditionId) => StatesByCall;
  readonly plannedDuring: (condition: ConditionId) => StatesByCall;
}

export type WiringRule = Rule<WiringSubject>;

const COLD: Moment = { outdoorF: -20, indoorF: 60, call: 'off', scenario: NO_FAULTS };

/** The coldest moment of a subject under a call. */
export const coldMoment = (call: Moment['call']): Moment => ({ ...COLD, call });

/** A job without outdoor lockouts: its wiring is judged with everything that it may carry. */
const lifted = (facts: Facts): Facts => ({
  ...facts,
  gates: { ...facts.gates, compressorBelowF: null, auxAboveF: null },
});

/** The same in weather with no outdoor thermostat closed. */
const inMildWeather = (facts: Facts): Facts => ({
  ...facts,
  gates: {
    ...facts.gates,
    outdoorThermostats: facts.gates.outdoorThermostats.map((row) => ({ ...row, closesBelowF: -Infinity })),
  },
});

/** Everything that the rules need of a harness, each computed once. */
export const wiringSubject = (jobFacts: Facts, sound: Bench, wall: Bench): WiringSubject => {
  const facts = lifted(jobFacts);
  const hasGates = facts.gates.outdoorThermostats.length > 0;
  const links = once(() => joined(wall.harness));
  const cold = once(() => statesByCall(facts, wall, COLD));
  const plannedCold = once(() => (sound === wall ? cold() : statesByCall(facts, sound, COLD)));
  const mild = once(() => (hasGates ? statesByCall(inMildWeather(facts), wall, COLD) : cold()));
  const plannedMild = once(() =>
    hasGates ? (sound === wall ? mild() : statesByCall(inMildWeather(facts), sound, COLD)) : plannedCold(),
  );
  const coldChanges = once(() => behaviorChanges(wall.harness, plannedCold(), cold(), allCoils(wall.harness)));
  const during = (bench: Bench) =>
    memoize(
      (condition: ConditionId) => condition,
      (condition) => statesByCall(facts, bench, { ...COLD, scenario: withCondition(condition) }),
    );
  return {
    facts,
    jobFacts,
    planned: sound.harness,
    harness: wall.harness,
    bench: wall,
    get joined() {
      return links();
    },
    get cold() {
      return cold();
    },
    get mild() {
      return mild();
    },
    get plannedCold() {
      return plannedCold();
    },
    get coldChanges() {
      return coldChanges();
    },
    get plannedMild() {
      return plannedMild();
    },
    during: during(wall),
    plannedDuring: during(sound),
  };
};
