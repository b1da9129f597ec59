import { indoorId, outdoorId } from '../../devices';
import { compressorMarks } from '../../devices/board/indoor-strip';
import { furnaceInputs } from '../../devices/furnace';
import { backupOf } from '../../job/backup';
import type { Facts } from '../../job/document';
import { refText, type TerminalRef } from '../../wiring/harness';

/** A text as part of a key. */
export const slug = (text: string): string => text.replace(/[^a-z0-9]+/gi, '-');

/** A terminal by its function, so that readings stay with it when its mark or device is corrected. */
const pointName = (facts: Facts, { device, mark }: TerminalRef): string => {
  const isIndoors = device === indoorId(facts);
  if (device === outdoorId(facts)) {
    if (mark === compressorMarks(facts)[0]) return 'outdoor-unit-Y';
    if (mark === facts.outdoorUnit.reversingValve) return 'outdoor-unit-valve';
    if (mark === 'W-out') return 'outdoor-unit-W';
    if (!isIndoors) return `outdoor-unit-${slug(mark)}`;
  }
  if (isIndoors)
    return `air-handler-${backupOf(facts) === 'fossil' && mark === furnaceInputs(facts)[0] ? 'W1' : slug(mark)}`;
  return `${device}-${slug(mark)}`;
};

const isOwnCommon = (facts: Facts, [one, other]: readonly [TerminalRef, TerminalRef]) =>
  other.mark === 'C' && (other.device === one.device || other.device === indoorId(facts));

/** Two terminals in a key. */
export const betweenName = (facts: Facts, between: readonly [TerminalRef, TerminalRef]): string =>
  isOwnCommon(facts, between)
    ? pointName(facts, between[0])
    : [...between]
        .sort((a, b) => refText(a).localeCompare(refText(b)))
        .map((ref) => pointName(facts, ref))
        .join('-to-');
