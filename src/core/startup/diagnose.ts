import { readVolts } from '../circuit/meter';
import type { CallId } from '../control/moment';
import { type Contact, nodeOf } from '../devices/device';
import { faultsOf, type NamedFault } from '../wiring/fault';
import type { Harness } from '../wiring/harness';
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

/** Faults that a technician looks for first: a broken conductor, a missing jumper, a contact that does not close. */
const isLikely = ({ fault, id }: NamedFault, harness: Harness, state: WiringState): boolean => {
  switch (fault.kind) {
    case 'open':
      return !harness.devices.some(({ coils }) => coils.some((coil) => id === `open:${coil.id}`));
    case 'stuck':
      return (
        !fault.closed &&
        harness.devices.some(({ contacts }) =>
          contacts.some((contact) => contact.id === fault.contact && isCalled(contact, state)),
        )
      );
    case 'swapped':
      return false;
  }
};

const isCalled = ({ movedBy, rests }: Contact, state: WiringState) =>
  rests === 'open' && typeof movedBy === 'string' && state.signals.has(movedBy);

/**
 * Compares the terminal volts read in a step with what each single fault would read, and ranks the faults that fit.
 * @returns best first; empty where the readings are those of a sound system, or where no single fault gives them
 */
export const diagnose = (context: StartupContext, step: string, call: CallId): Suspect[] => {
  const taken = TERMINAL_POINTS.map((point) => ({ point, volts: numberRead(context, `${step}/${point.id}`) })).filter(
    (each): each is { point: (typeof TERMINAL_POINTS)[number]; volts: number } => each.volts !== undefined,
  );
  if (taken.length === 0) return [];
  const harness = plan(context.facts);
  const moment = stepMoment(context, call);
  const state = wiringState(context.facts, harness, moment);
  const miss = ({ solution }: WiringState): number => {
    const misses = taken.map(({ point, volts }) =>
      Math.abs(
        readVolts(
          solution,
          nodeOf(point.device(context.facts), point.mark(context.facts)),
          nodeOf(point.device(context.facts), 'C'),
        ) - volts,
      ),
    );
    return Math.max(...misses) > NEAR_VOLTS ? Infinity : misses.reduce((sum, each) => sum + each, 0) / misses.length;
  };
  if (miss(state) < Infinity) return [];
  return faultsOf(harness)
    .filter((named) => isLikely(named, harness, state))
    .map(({ id, words, fault }) => ({ id, words, missVolts: miss(wiringState(context.facts, harness, moment, fault)) }))
    .filter(({ missVolts }) => missVolts < Infinity)
    .sort((a, b) => a.missVolts - b.missVolts);
};
