import type { DeviceId } from '../devices/device';
import type { Facts } from '../job/document';

/** A pair of terminals that startup measures: a mark to its own device's common. */
export interface TerminalPoint {
  readonly id: string;
  readonly device: DeviceId;
  readonly where: string;
  readonly mark: (facts: Facts) => string;
}

const point = (device: DeviceId, where: string, name: string, mark: (facts: Facts) => string): TerminalPoint => ({
  id: `volts-${device}-${name}`,
  device,
  where,
  mark,
});

export const TERMINAL_POINTS: readonly TerminalPoint[] = [
  point('air-handler', 'Air handler', 'R', () => 'R'),
  point('air-handler', 'Air handler', 'G', () => 'G'),
  point('air-handler', 'Air handler', 'W1', () => 'W1'),
  point('outdoor-unit', 'Outdoor unit', 'Y', () => 'Y'),
  point('outdoor-unit', 'Outdoor unit', 'valve', ({ outdoorUnit }) => outdoorUnit.reversingValve),
  point('outdoor-unit', 'Outdoor unit', 'W', () => 'W'),
];

/** Names of the points, as steps ask for them: `air-handler-G`. */
export type PointName = 'air-handler-R' | 'air-handler-G' | 'air-handler-W1' | 'outdoor-unit-Y' | 'outdoor-unit-valve' | 'outdoor-unit-W';
