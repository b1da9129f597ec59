import { indoorId, outdoorId } from '../devices';
import { compressorMarks } from '../devices/board/indoor-strip';
import { DEVICE_LABELS, type DeviceId } from '../devices/device';
import type { Facts } from '../job/document';

/** A pair of terminals that startup measures: a mark to its own device's common. */
export interface TerminalPoint {
  readonly id: string;
  readonly device: (facts: Facts) => DeviceId;
  readonly mark: (facts: Facts) => string;
}

const point = (place: 'air-handler' | 'outdoor-unit', name: string, mark: (facts: Facts) => string): TerminalPoint => ({
  id: `volts-${place}-${name}`,
  device: place === 'air-handler' ? indoorId : outdoorId,
  mark,
});

/**
 * The points by the place that they have in a split system with an air handler; other systems have them on their own
 * devices.
 */
export const TERMINAL_POINTS: readonly TerminalPoint[] = [
  point('air-handler', 'R', () => 'R'),
  point('air-handler', 'G', () => 'G'),
  point('air-handler', 'W1', () => 'W1'),
  point('outdoor-unit', 'Y', (facts) => compressorMarks(facts)[0]!),
  point('outdoor-unit', 'valve', ({ outdoorUnit }) => outdoorUnit.reversingValve),
  point('outdoor-unit', 'W', () => 'W-out'),
];

/** Names of the points, as steps ask for them: `air-handler-G`. */
export type PointName =
  'air-handler-R' | 'air-handler-G' | 'air-handler-W1' | 'outdoor-unit-Y' | 'outdoor-unit-valve' | 'outdoor-unit-W';

/** Where a point is, on screen. */
export const pointWhere = (point: TerminalPoint, facts: Facts): string => DEVICE_LABELS[point.device(facts)];
