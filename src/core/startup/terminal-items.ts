import { type CallId, CALLS } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import { METERS } from '../model/observable';
import { predict, type Prediction } from '../model/predict';
import { PULL_IN_VOLTS } from '../units/control-volts';
import { roundTo } from '../units/round';
import { deviceIn, type TerminalRef } from '../wiring/harness';
import { expectDead, expectGhost, expectHot } from './expect';
import type { StartupContext } from './given';
import { type ClampPlace, type Expectation, type Item, stepMoment, type Verdict } from './step';
import { type PointName, pointOf, terminalObservation } from './terminal-points';
import { type WireSuspect, wireSuspects } from './wire-suspects';

const METER_PLACES: readonly ClampPlace[] = [
  { id: 'high', label: METERS.high.label },
  { id: 'low', label: METERS.low.label },
];

type Number = Extract<Prediction, { kind: 'number' }>;

const isGhost = ({ value, spread }: Number) => value < PULL_IN_VOLTS && spread[1] - spread[0] > 1;

const expectationOf = (prediction: Number, place: string | null, sum: string): Expectation => {
  if (prediction.value >= PULL_IN_VOLTS) return expectHot(prediction.value, sum);
  return isGhost(prediction) && place !== 'low'
    ? expectGhost(prediction.spread[1], sum)
    : expectDead(prediction.value, sum);
};

const plainMeans = (mark: string, isHot: boolean, value: number, isTied: boolean): string => {
  if (isHot)
    return value < PULL_IN_VOLTS ? `${mark} should be hot and is not.` : 'Outside the limits of a 24 V supply.';
  if (value >= PULL_IN_VOLTS) return `${mark} should be dead and is hot.`;
  return isTied
    ? `${mark} is tied to C by its coil, and a few volts are no ghost there: something feeds it weakly, or its common is open.`
    : 'A ghost: a few volts on a terminal that nothing is joined to. The low-impedance setting reads near zero there.';
};

const withSuspects = (
  means: string,
  isHot: boolean,
  [likeliest, second]: readonly WireSuspect[],
): Omit<Verdict, 'grade'> => {
  if (!likeliest)
    return {
      means,
      next: isHot
        ? 'Follow the call back, terminal by terminal, to where the volts are lost. No single broken conductor or contact explains all readings of this step.'
        : 'Read again on the low-impedance setting; then lift the conductor here, and look for a touching or misplaced one.',
    };
  return {
    means: `${means} Likeliest: ${likeliest.cause.words}.`,
    next: second
      ? `It could also be: ${second.cause.words}. Measure at both ends of the first to tell.`
      : likeliest.cause.confirm,
  };
};

const placeWords = (at: TerminalRef) => `${DEVICE_LABELS[at.device]} ${at.mark}–C`;

/**
 * Terminal readings of a step: expected volts from the solved circuit, explained by comparing with single faults.
 */
export const terminalItems = (context: StartupContext, call: CallId, names: readonly PointName[]): Item[] => {
  const { facts, model, bench } = context;
  const moment = stepMoment(context, call);
  const state = bench.at(facts, moment);
  const suspects = wireSuspects(context, call);
  const has = (at: TerminalRef) =>
    deviceIn(bench.harness, at.device)?.terminals.some(({ mark }) => mark === at.mark) ?? false;
  return names
    .map((name) => ({ name, at: pointOf(name, facts) }))
    .filter(({ at }) => has(at))
    .map(({ name, at }): Item => {
      const of = terminalObservation(at, call);
      // Between two terminals of one network there is always a figure.
      const prediction = predict(model, bench, moment, of) as Number;
      const isHot = prediction.value >= PULL_IN_VOLTS;
      const floats = isGhost(prediction);
      const holds = state.held.map(({ why }) => ` ${why}`).join('');
      const ghost = floats
        ? ' Nothing is joined to it here: a usual meter may show anything up to half of the supply.'
        : '';
      const sum = `Solved circuit in ${CALLS[call].label.toLowerCase()} at ${moment.outdoorF} °F out: ${roundTo(prediction.value, 1)} V.${ghost}${holds}`;
      return {
        id: `volts-${name}`,
        of,
        label: placeWords(at),
        unit: 'V',
        ...(floats ? { places: METER_PLACES } : {}),
        expect: (place) => expectationOf(prediction, place, sum),
        explain: (value, grade) => {
          if (grade === 'pass' || typeof value !== 'number') return null;
          return withSuspects(plainMeans(at.mark, isHot, value, !floats), isHot, suspects);
        },
      };
    });
};
