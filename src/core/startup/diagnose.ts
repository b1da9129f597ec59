import type { CallId } from '../control/moment';
import { withFault } from '../control/scenario';
import type { Contact } from '../devices/device';
import { observationKey } from '../model/observable';
import { predict } from '../model/predict';
import { faultsOf, type NamedFault } from '../wiring/fault';
import { deviceIn, type Harness } from '../wiring/harness';
import { trying, type WiringState } from '../wiring/state';
import { numberRead, type StartupContext } from './given';
import { stepMoment } from './step';
import { POINT_NAMES, pointOf, terminalObservation } from './terminal-points';

/** A fault that would give the readings taken. */
export interface Suspect {
  readonly words: string;
  /** Mean distance between its readings and those taken, V. */
  readonly missVolts: number;
}

/** Readings this near to a fault's are explained by it, V. Our judgement: two meters and a loose screw. */
const NEAR_VOLTS = 3;

/** Faults that a technician looks for first: a broken conductor, a missing jumper, a contact that does not close. */
const isLikely = ({ fault }: NamedFault, { devices }: Harness, state: WiringState): boolean => {
  switch (fault.kind) {
    case 'open':
      return !devices.some(({ coils }) => coils.some(({ id }) => id === fault.edge));
    case 'stuck':
      return (
        !fault.closed &&
        devices.some(({ contacts }) =>
          contacts.some((contact) => contact.id === fault.contact && isCalled(contact, state)),
        )
      );
    case 'loose':
    case 'touching':
    case 'swapped':
      return false;
  }
};

const isCalled = ({ movedBy, rests }: Contact, state: WiringState) =>
  rests === 'open' && typeof movedBy === 'string' && state.signals.has(movedBy);

/**
 * Compares the terminal volts read in a call with what each single fault would read, and ranks the faults that fit. A
 * reading within a floating terminal's ghost fits it.
 * @returns best first; empty where the readings are those of a sound system, or where no single fault gives them
 */
export const diagnose = (context: StartupContext, call: CallId): Suspect[] => {
  const { facts, basis, bench } = context;
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
  const miss = (now: typeof moment): number => {
    let sum = 0;
    for (const { of, volts } of taken) {
      const read = predict(basis, bench, now, of);
      if (read.kind !== 'number') return Infinity;
      const off = Math.max(0, read.spread[0] - volts, volts - read.spread[1]);
      if (off > NEAR_VOLTS) return Infinity;
      sum += off;
    }
    return sum / taken.length;
  };
  if (miss(moment) < Infinity) return [];
  const state = bench.at(facts, moment);
  return faultsOf(harness)
    .filter((named) => isLikely(named, harness, state))
    .map(({ code, words }) => ({ words, missVolts: miss(trying(moment, withFault(code))) }))
    .filter(({ missVolts }) => missVolts < Infinity)
    .sort((a, b) => a.missVolts - b.missVolts);
};
