import type { FactPath, Facts } from '../job/document';
import { resolveAmong } from '../setup/resolve-among';
import { BACKUP_SOURCE } from '../setup/settings/backup-source';
import { FAN_AFTER_HEAT } from '../setup/settings/fan-after-heat';
import { expectWithin } from './expect';
import type { Expectation, Item } from './step';

/** Tolerance of a stopwatch and an ear on a delay, as a share. Our judgment. */
const TIMED_SHARE = 0.25;
const NOBODY: ReadonlySet<FactPath> = new Set();

/** Blower off-delay after heat, timed against its setting. */
export const fanAfterItem = (facts: Facts): Item => {
  const seconds = resolveAmong([BACKUP_SOURCE, FAN_AFTER_HEAT], { facts, confirmed: NOBODY }).get(
    'fan-after-heat',
  )?.value;
  const expected: Expectation =
    typeof seconds === 'number' && seconds > 0
      ? expectWithin(seconds, TIMED_SHARE, TIMED_SHARE, `Setup calls for ${seconds} s; the board may add its own`)
      : { kind: 'record', sum: 'Recorded only. Setup has no blower off-delay.' };
  return {
    id: 'fan-after',
    label: 'Blower off-delay, heating',
    unit: 's',
    expect: () => expected,
    explain: (value, grade) =>
      grade === 'pass' || typeof value !== 'number'
        ? null
        : { means: 'Does not match Setup.', next: 'Which of the two sets it: the thermostat or the board?' },
  };
};
