import { type CallId, CALLS } from '../control/moment';
import { DEVICE_LABELS } from '../devices/device';
import { METERS } from '../model/observable';
import type { Prediction } from '../model/observables/definition';
import { predict } from '../model/predict';
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
    return value < PULL_IN_VOLTS
      ? `${mark} should be hot and is not.`
      : 'Outside normal limits for 24 V control power.';
  if (value >= PULL_IN_VOLTS) return `${mark} should be dead and is hot.`;
  return isTied
    ? `${mark} is tied to C through its coil, so a few volts there is not a ghost: something is feeding it weakly, or its common is open.`
    : 'Ghost voltage: a few volts on an unconnected terminal. Low impedance (LoZ) reads near zero.';
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
        ? 'Trace the call back, terminal by terminal, to where the voltage is lost. No single broken wire or contact explains every reading in this step.'
        : 'Read again on low impedance; then lift this wire and look for a short or a misplaced one.',
    };
  return {
    means: `${means} Most likely: ${likeliest.cause.words}.`,
    next: second
      ? `It could also be: ${second.cause.words}. Measure at both ends of the first to tell.`
      : likeliest.cause.confirm,
  };
};

const placeWords = (at: TerminalRef) => `${DEVICE_LABELS[at.device]} ${at.mark}–C`;

/** Terminal readings of a step: expected volts from the solved circuit, explained by single faults. */
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
      // Between two terminals of one network there is always a value.
      const prediction = predict(model, bench, moment, of) as Number;
      const isHot = prediction.value >= PULL_IN_VOLTS;
      const floats = isGhost(prediction);
      const holds = state.lockedOut.map(({ why }) => ` ${why}`).join('');
      const ghost = floats ? ' Nothing is connected here: a standard meter may show up to half of 24 V.' : '';
      const sum = `Calculated for ${CALLS[call].label.toLowerCase()} at ${moment.outdoorF} °F outside: ${roundTo(prediction.value, 1)} V.${ghost}${holds}`;
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
