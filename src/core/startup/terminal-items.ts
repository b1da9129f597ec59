import { type CallId, CALLS } from '../control/moment';
import { roundTo } from '../units/round';
import { deviceIn } from '../wiring/harness';
import { plan } from '../wiring/plan';
import { terminalVolts, wiringState } from '../wiring/state';
import { diagnose } from './diagnose';
import { expectDead, expectHot } from './expect';
import { type Item, type StartupContext, stepMoment } from './step';
import { type PointName, pointWhere, TERMINAL_POINTS } from './terminal-points';

const HOT_VOLTS = 18;

/**
 * Terminal readings of a step: expected volts from the solved circuit, explained by comparing with single faults.
 * @param step the step's id, under which the readings are kept
 */
export const terminalItems = (
  context: StartupContext,
  step: string,
  call: CallId,
  names: readonly PointName[],
): Item[] => {
  const moment = stepMoment(context, call);
  const harness = plan(context.facts);
  const state = wiringState(context.facts, harness, moment);
  const suspects = diagnose(context, step, call);
  const points = names
    .map((name) => TERMINAL_POINTS.find(({ id }) => id === `volts-${name}`)!)
    .filter((each) =>
      deviceIn(harness, each.device(context.facts))?.terminals.some(({ mark }) => mark === each.mark(context.facts)),
    );
  return points.map((at): Item => {
    const mark = at.mark(context.facts);
    const volts = terminalVolts(state, at.device(context.facts), mark);
    const isHot = volts >= HOT_VOLTS;
    const holds = state.held.map(({ why }) => ` ${why}`).join('');
    const sum = `Solved circuit in ${CALLS[call].label.toLowerCase()} at ${moment.outdoorF} °F out: ${roundTo(volts, 1)} V.${holds}`;
    return {
      id: at.id,
      label: `${pointWhere(at, context.facts)} ${mark}–C`,
      unit: 'V',
      expect: () => (isHot ? expectHot(volts, sum) : expectDead(volts, sum)),
      explain: (value, grade) => {
        if (grade === 'pass' || typeof value !== 'number') return null;
        const [likeliest, second] = suspects;
        const means = isHot
          ? value < HOT_VOLTS
            ? `${mark} should be hot and is not.`
            : 'Outside the limits of a 24 V supply.'
          : value >= HOT_VOLTS
            ? `${mark} should be dead and is hot.`
            : 'A ghost: a few volts on a dead terminal, often through an open common.';
        if (!likeliest)
          return {
            means,
            next: isHot
              ? 'Follow the call back, terminal by terminal, to where the volts are lost. No single broken conductor or contact explains all readings of this step.'
              : 'Lift the conductor here and read again; then look for a touching or misplaced conductor.',
          };
        return {
          means: `${means} Likeliest: ${likeliest.words}.`,
          next: second
            ? `It could also be: ${second.words}. Measure at both ends of the first to tell.`
            : 'Measure at both ends of it.',
        };
      },
    };
  });
};
