import type { CallId } from '../../control/moment';
import { roundTo } from '../../units/round';
import type { WiringRule, WiringSubject } from './subject';

/** Rated VA of what is energised in a call. */
const ratedVA = ({ harness, states }: WiringSubject, call: CallId) =>
  harness.devices
    .flatMap(({ coils }) => coils)
    .filter(({ id }) => states[call].energised.has(id))
    .reduce((sum, { va }) => sum + va, 0);

export const transformerCarries: WiringRule = {
  id: 'transformer-carries',
  why: 'An overloaded transformer drops its volts, and coils chatter or let go in the heaviest call.',
  check: (subject) => {
    const loads = (Object.keys(subject.states) as CallId[]).map((call) => ({ call, va: ratedVA(subject, call) }));
    const heaviest = loads.reduce((most, each) => (each.va > most.va ? each : most));
    const { transformerVA } = subject.facts.airHandler;
    if (heaviest.va <= transformerVA) return [];
    return [
      {
        severity: 'error',
        what: `The coils take ${roundTo(heaviest.va, 1)} VA in the heaviest call; the transformer gives ${transformerVA} VA.`,
        mend: 'Fit a larger class 2 transformer, or take a load off it.',
        page: 'wiring',
        fact: 'airHandler.transformerVA',
      },
    ];
  },
};
