import { type DeviceId, hotScrews, nodeOf } from '../../devices/device';
import { deviceIn, type Harness } from '../../wiring/harness';
import type { WiringState } from '../../wiring/state';
import { type ObservableKind } from './definition';

/**
 * Volts from which a terminal counts as hot: above any ghost voltage, below any working voltage. Our judgment.
 */
const HOT_VOLTS = 15;

/** Word for the hot terminals. */
export const hotWord = (marks: readonly string[]): string => (marks.length === 0 ? 'none' : marks.join('+'));

const hotMarks = ({ volts }: WiringState, harness: Harness, of: DeviceId): string[] =>
  hotScrews(deviceIn(harness, of) ?? { terminals: [] }).filter(
    (mark) => (volts.get(nodeOf(of, mark)) ?? 0) >= HOT_VOLTS,
  );

/** Every terminal of a strip read to its common: which are hot. */
export const hot: ObservableKind<'hot'> = {
  key: ({ device }, place) => `${place}/hot-${device}`,
  read: ({ state, bench }, { device }) => ({ kind: 'word', word: hotWord(hotMarks(state, bench.harness, device)) }),
};
