import type { CallId } from '../control/moment';
import { indoorId, outdoorId } from '../devices';
import { compressorMarks } from '../devices/board/indoor-strip';
import { furnaceInputs } from '../devices/furnace';
import { backupOf } from '../job/backup';
import type { Facts } from '../job/document';
import type { Observation } from '../model/observable';
import type { TerminalRef } from '../wiring/harness';

/** Terminals that startup meters to their own device's common, by purpose. */
export type PointName =
  | 'air-handler-R'
  | 'air-handler-G'
  | 'air-handler-W1'
  | 'air-handler-W2'
  | 'air-handler-W3'
  | 'outdoor-unit-Y'
  | 'outdoor-unit-Y2'
  | 'outdoor-unit-valve'
  | 'outdoor-unit-W';

const firstHeat = (facts: Facts) => (backupOf(facts) === 'fossil' ? furnaceInputs(facts)[0]! : 'W1');

/** Second and third heat input by their marks; one that a board lacks is on no terminal strip. */
const laterHeat = (facts: Facts, at: 1 | 2) =>
  (backupOf(facts) === 'fossil' ? furnaceInputs(facts)[at] : undefined) ?? `W${at + 1}`;

const POINTS: Record<PointName, (facts: Facts) => TerminalRef> = {
  'air-handler-R': (facts) => ({ device: indoorId(facts), mark: 'R' }),
  'air-handler-G': (facts) => ({ device: indoorId(facts), mark: 'G' }),
  'air-handler-W1': (facts) => ({ device: indoorId(facts), mark: firstHeat(facts) }),
  'air-handler-W2': (facts) => ({ device: indoorId(facts), mark: laterHeat(facts, 1) }),
  'air-handler-W3': (facts) => ({ device: indoorId(facts), mark: laterHeat(facts, 2) }),
  'outdoor-unit-Y': (facts) => ({ device: outdoorId(facts), mark: compressorMarks(facts)[0]! }),
  'outdoor-unit-Y2': (facts) => ({ device: outdoorId(facts), mark: compressorMarks(facts)[1] ?? 'Y2' }),
  'outdoor-unit-valve': (facts) => ({ device: outdoorId(facts), mark: facts.outdoorUnit.reversingValve }),
  'outdoor-unit-W': (facts) => ({ device: outdoorId(facts), mark: 'W-out' }),
};

export const POINT_NAMES = Object.keys(POINTS) as PointName[];

/** Where a point is on a job. */
export const pointOf = (name: PointName, facts: Facts): TerminalRef => POINTS[name](facts);

/** Volts of a terminal to its own device's common, with an ordinary meter. */
export const terminalObservation = (at: TerminalRef, call: CallId): Observation => ({
  call,
  observable: { kind: 'volts', between: [at, { device: at.device, mark: 'C' }], meter: 'high' },
});
