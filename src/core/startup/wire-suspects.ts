import type { Cause } from '../causes/cause';
import { wireCauses } from '../causes/wires';
import type { CallId } from '../control/moment';
import { withFault } from '../control/scenario';
import { observationKey } from '../model/observation-key';
import { predict } from '../model/predict';
import { faultFinder } from '../wiring/fault';
import { deviceIn, type Harness } from '../wiring/harness';
import { withScenario } from '../wiring/state';
import { numberRead, type StartupContext } from './given';
import { stepMoment } from './step';
import { POINT_NAMES, pointOf, terminalObservation } from './terminal-points';

/** A wiring fault that would give the readings taken. */
export interface WireSuspect {
  readonly cause: Cause;
  /** Its share among all that would, by frequency and by match. */
  readonly share: number;
}

/** Maximum deviation of readings explained by a fault, V. Our judgment: two meters and a loose screw. */
const NEAR_VOLTS = 3;
/** Scatter of two meters on one terminal, V. Our judgment. */
const SPREAD_VOLTS = 0.8;

/** Faults to check first: a broken conductor, a missing jumper, a contact that does not close. */
const isPlainIn = (harness: Harness) => {
  const find = faultFinder(harness);
  return ({ effect: { faults = [] } }: Cause): boolean =>
    find(faults).every(({ fault }) => fault.kind === 'open' || (fault.kind === 'stuck' && !fault.closed));
};

/**
 * Compares the terminal volts read in a call with the prediction for each wiring fault, and ranks the matches. A
 * reading within a floating terminal's ghost voltage matches it. Rarer faults are considered if no common one fits.
 * @returns likeliest first; empty where the readings are those of a good system, or where no single fault gives them
 */
export const wireSuspects = (context: StartupContext, call: CallId): WireSuspect[] => {
  const { facts, model, bench } = context;
  const { harness } = bench;
  const taken = POINT_NAMES.flatMap((name) => {
    const at = pointOf(name, facts);
    if (!deviceIn(harness, at.device)?.terminals.some(({ mark }) => mark === at.mark)) return [];
    const of = terminalObservation(at, call);
    const volts = numberRead(context, observationKey(facts, of));
    return volts === undefined ? [] : [{ of, volts }];
  });
  if (taken.length === 0) return [];
  const moment = stepMoment(context, call);
  /** Sum of squared deviations in units of scatter; infinite if one is impossible. */
  const misfit = (now: typeof moment): number => {
    let sum = 0;
    for (const { of, volts } of taken) {
      const read = predict(model, bench, now, of);
      if (read.kind !== 'number') return Infinity;
      const off = Math.max(0, read.spread[0] - volts, volts - read.spread[1]);
      if (off > NEAR_VOLTS) return Infinity;
      sum += (off / SPREAD_VOLTS) ** 2;
    }
    return sum;
  };
  if (misfit(moment) < Infinity) return [];
  const fitting = (causes: readonly Cause[]) =>
    causes
      .map((cause) => {
        const now = (cause.effect.faults ?? []).reduce((at, code) => withScenario(at, withFault(code)), moment);
        return { cause, share: cause.weight * Math.exp(-0.5 * misfit(now)) };
      })
      .filter(({ share }) => share > 0);
  const causes = wireCauses(facts, harness);
  const isPlain = isPlainIn(harness);
  const plain = fitting(causes.filter(isPlain));
  const found = plain.length > 0 ? plain : fitting(causes.filter((cause) => !isPlain(cause)));
  const all = found.reduce((sum, { share }) => sum + share, 0);
  return found.map(({ cause, share }) => ({ cause, share: share / all })).sort((a, b) => b.share - a.share);
};
