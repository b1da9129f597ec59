import { type CallId, CALLS, callsOf, type Moment } from '../control/moment';
import type { Coil } from '../devices/device';
import type { Facts } from '../job/document';
import type { Harness } from './harness';
import type { Bench, WiringState } from './state';

/** State of a harness in every call. */
export type StatesByCall = ReadonlyMap<CallId, WiringState>;

/** A harness in every call that the job's thermostat can make. */
export const statesByCall = (facts: Facts, bench: Bench, moment: Moment): StatesByCall =>
  new Map(callsOf(facts).map((call) => [call, bench.at(facts, { ...moment, call })]));

/** One coil that behaves differently from another harness, and in which calls. */
export interface BehaviorChange {
  readonly coil: Coil;
  readonly kind: 'lost' | 'extra' | 'chatters';
  readonly calls: readonly CallId[];
}

/** Every coil of a harness. */
export const allCoils = (harness: Harness): Coil[] => harness.devices.flatMap(({ coils }) => coils);

/** Coils that do work, without those that only power a control. */
export const workingCoils = (harness: Harness): Coil[] =>
  allCoils(harness).filter(({ source }) => source !== 'control');

/**
 * Differences between two sets of states: coils lost, coils on without a call, chattering coils.
 * @param coils coils to compare; working ones by default
 */
export const behaviorChanges = (
  harness: Harness,
  before: StatesByCall,
  after: StatesByCall,
  coils: readonly Coil[] = workingCoils(harness),
): BehaviorChange[] =>
  coils.flatMap((coil) => {
    const calls = [...before.keys()];
    const change = (
      kind: BehaviorChange['kind'],
      is: (was: WiringState, now: WiringState) => boolean,
    ): BehaviorChange[] => {
      const where = calls.filter((call) => is(before.get(call)!, after.get(call)!));
      return where.length === 0 ? [] : [{ coil, kind, calls: where }];
    };
    return [
      ...change('chatters', (was, now) => !was.chattering.includes(coil.id) && now.chattering.includes(coil.id)),
      ...change(
        'lost',
        (was, now) => was.energized.has(coil.id) && !now.energized.has(coil.id) && !now.chattering.includes(coil.id),
      ),
      ...change('extra', (was, now) => !was.energized.has(coil.id) && now.energized.has(coil.id)),
    ];
  });

const KIND_WORDS = { lost: 'does not pull in on', extra: 'pulls in on', chatters: 'chatters on' } as const;

const callWords = (calls: readonly CallId[], all: number) =>
  calls.length === all ? 'every call' : calls.map((call) => CALLS[call].short.toLowerCase()).join(', ');

/** A change of behavior in words: “Contactor does not pull in: heat, cool.” */
export const changeWords = ({ coil, kind, calls }: BehaviorChange, all: number): string =>
  `${coil.label} ${KIND_WORDS[kind]}: ${callWords(calls, all)}.`;

/** Whether the fuse blows, in words; null if it holds in every call. */
export const fuseWords = (states: StatesByCall): string | null => {
  const calls = [...states].flatMap(([call, { fuseOpenedAtAmps }]) => (fuseOpenedAtAmps === null ? [] : [call]));
  return calls.length === 0 ? null : `The board fuse blows on: ${callWords(calls, states.size)}.`;
};
