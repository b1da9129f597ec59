import type { CallId } from '../control/moment';
import type { Spot } from '../devices/device';
import type { Probe } from './probe';
import { CALL_S, PANEL_S, PUT_BACK_S, READ_S, RESTART_S, VERIFY_DEAD_S, WALK_S } from './probe-times';

/** Present state of the technician: the time of the next probe depends on it. */
export interface ProbeSituation {
  readonly place: Spot;
  readonly call: CallId;
  /** Places with the panel off. */
  readonly opened: readonly Spot[];
  /** Whether every supply is open, locked out and verified dead. */
  readonly isDead: boolean;
}

/** At the door: the thermostat is next. */
export const ON_ARRIVAL: ProbeSituation = { place: 'wall', call: 'heat-1', opened: [], isDead: false };

/** Calls that run the compressor. */
export const RUNS_COMPRESSOR: ReadonlySet<CallId> = new Set([
  'heat-1',
  'heat-2',
  'heat-aux',
  'cool-1',
  'cool-2',
  'defrost',
]);

/** Whether a reading on a call needs the compressor running, not only its wires. */
export const needsCompressor = ({ of: { call, observable }, kind }: Probe): boolean =>
  call !== null &&
  RUNS_COMPRESSOR.has(call) &&
  (kind === 'air' || kind === 'licensed' || observable.kind === 'motor-amps' || observable.kind === 'seen');

/** Where a call is set: defrost at the outdoor board, any other at the thermostat. */
export const setAt = (call: CallId): Spot => (call === 'defrost' ? 'outdoors' : 'wall');

/** Seconds that a probe takes from the present state, and the state after it. */
export const costOf = (
  probe: Probe,
  from: ProbeSituation,
): { readonly seconds: number; readonly then: ProbeSituation } => {
  const { place, kind, seconds: own, needsPanel, of } = probe;
  const isDead = kind === 'dead';
  const call = isDead || of.call === null ? from.call : of.call;
  const setsCall = !isDead && (call !== from.call || (from.isDead && of.call !== null));
  const by = setAt(call);
  const walk = setsCall ? WALK_S[from.place][by] + WALK_S[by][place] : WALK_S[from.place][place];
  const isShut = needsPanel && !from.opened.includes(place);
  const restarts = setsCall && needsCompressor(probe) && (!RUNS_COMPRESSOR.has(from.call) || from.isDead);
  const seconds =
    walk +
    (isShut ? PANEL_S[place] : 0) +
    (setsCall ? CALL_S : 0) +
    (restarts ? RESTART_S : 0) +
    (isDead && !from.isDead ? VERIFY_DEAD_S : 0) +
    (!isDead && from.isDead && of.call !== null ? PUT_BACK_S : 0) +
    own +
    READ_S;
  return {
    seconds,
    then: {
      place,
      call,
      opened: isShut ? [...from.opened, place] : from.opened,
      isDead: isDead || (from.isDead && of.call === null),
    },
  };
};
