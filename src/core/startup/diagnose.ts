import { readVolts } from '../circuit/meter';
import { solve } from '../circuit/solve';
import type { CallId } from '../control/moment';
import { nodeOf } from '../devices/device';
import { plan } from '../wiring/plan';
import { type WiringState, wiringState } from '../wiring/state';
import { numberRead, type StartupContext, stepMoment } from './step';
import { TERMINAL_POINTS } from './terminal-points';

/** A fault that would give the readings taken. */
export interface Suspect {
  readonly id: string;
  readonly words: string;
  /** Mean distance between its readings and those taken, V. */
  readonly missVolts: number;
}

/** Readings this near to a fault's are explained by it, V. */
const NEAR_VOLTS = 3;

/** The state with one edge taken out: a broken conductor, a missing jumper, a contact that does not close. */
const without = (state: WiringState, edgeId: string) => solve({ ...state.network, edges: state.network.edges.filter(({ id }) => id !== edgeId) });

const candidates = (state: WiringState, context: StartupContext): { id: string; words: string }[] => {
  const harness = plan(context.facts);
  const cableLabel = new Map(harness.cables.map(({ id, label }) => [id, label]));
  return [
    ...harness.conductors.map(({ id, cable, colour, from, to }) => ({
      id,
      words: `${colour ?? 'missing'} conductor of the ${cableLabel.get(cable)!.toLowerCase()}, ${from.mark} to ${to.mark}, broken or off`,
    })),
    ...harness.jumpers.map(({ id }) => ({ id, words: `${id} missing` })),
    ...harness.devices.flatMap(({ contacts }) =>
      contacts.filter(({ movedBy, rests }) => rests === 'open' && state.signals.has(movedBy)).map(({ id, label }) => ({ id, words: `${label} not closing` })),
    ),
  ];
};

/**
 * Compares the terminal volts read in a step with what each single fault would read, and ranks the faults that fit.
 * @returns best first; empty where the readings are those of a sound system, or where no single fault gives them
 */
export const diagnose = (context: StartupContext, step: string, call: CallId): Suspect[] => {
  const taken = TERMINAL_POINTS.map((point) => ({ point, volts: numberRead(context, `${step}/${point.id}`) })).filter(
    (each): each is { point: (typeof TERMINAL_POINTS)[number]; volts: number } => each.volts !== undefined,
  );
  if (taken.length === 0) return [];
  const state = wiringState(context.facts, plan(context.facts), stepMoment(context, call));
  const miss = (solution: ReturnType<typeof without>): number => {
    if (solution.kind === 'unsolvable') return Infinity;
    const misses = taken.map(({ point, volts }) =>
      Math.abs(readVolts(solution, nodeOf(point.device, point.mark(context.facts)), nodeOf(point.device, 'C')) - volts),
    );
    return Math.max(...misses) > NEAR_VOLTS ? Infinity : misses.reduce((sum, each) => sum + each, 0) / misses.length;
  };
  if (miss(state.solution) < Infinity) return [];
  return candidates(state, context)
    .map((candidate) => ({ ...candidate, missVolts: miss(without(state, candidate.id)) }))
    .filter(({ missVolts }) => missVolts < Infinity)
    .sort((a, b) => a.missVolts - b.missVolts);
};
