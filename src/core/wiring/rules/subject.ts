import type { Moment } from '../../control/moment';
import type { Facts } from '../../job/document';
import type { Rule } from '../../job/finding';
import { type StatesByCall, statesByCall } from '../behaviour';
import type { Harness } from '../harness';
import { type Joined, joined } from '../joined';

/** What a wiring rule looks at: what is in the wall, beside the plan, in every call, with the lockouts lifted. */
export interface WiringSubject {
  readonly facts: Facts;
  readonly planned: Harness;
  /** As found, or as planned. */
  readonly harness: Harness;
  readonly joined: Joined;
  /** In the cold, where every outdoor thermostat is closed. */
  readonly cold: StatesByCall;
  /** In mild weather, where every outdoor thermostat is open. */
  readonly mild: StatesByCall;
  readonly plannedCold: StatesByCall;
}

export type WiringRule = Rule<WiringSubject>;

const COLD: Omit<Moment, 'call'> = { outdoorF: -20, indoorF: 60, trying: null };
const MILD: Omit<Moment, 'call'> = { ...COLD, outdoorF: 70 };

/** Everything that the rules need of a harness, worked out once. */
export const wiringSubject = (jobFacts: Facts, planned: Harness, harness: Harness): WiringSubject => {
  // With every lockout lifted, the wiring is judged with everything it may have to carry.
  const facts: Facts = { ...jobFacts, gates: { ...jobFacts.gates, compressorBelowF: null, auxAboveF: null } };
  const cold = statesByCall(facts, harness, { ...COLD, call: 'off' });
  return {
    facts,
    planned,
    harness,
    joined: joined(harness),
    cold,
    mild: facts.gates.outdoorThermostats.length === 0 ? cold : statesByCall(facts, harness, { ...MILD, call: 'off' }),
    plannedCold: harness === planned ? cold : statesByCall(facts, planned, { ...COLD, call: 'off' }),
  };
};

/** The coldest moment of a subject under a call, for rules that try a condition. */
export const coldMoment = (call: Moment['call'], trying: string | null): Moment => ({ ...COLD, call, trying });
