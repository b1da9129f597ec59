import { CALLS, callsOf } from '../../control/moment';
import type { CoilId } from '../../devices/ids';
import { COMPRESSOR_COIL, FURNACE_COIL } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

const together = ({ energized }: { readonly energized: ReadonlySet<CoilId> }) =>
  energized.has(COMPRESSOR_COIL) && energized.has(FURNACE_COIL);

export const furnaceAlone: WiringRule = {
  id: 'furnace-alone',
  why: 'With the coil above the furnace, running both drives head pressure past its limits.',
  check: ({ facts, cold, during }) => {
    if (backupOf(facts) !== 'fossil') return [];
    // In a defrost the indoor coil is cold: a burner may temper the air if nothing interlocks the two.
    const mayTemper = facts.furnace.interlock === 'none';
    const calls = callsOf(facts)
      .filter((call) => call !== 'defrost' || !mayTemper)
      .filter((call) => together(cold.get(call)!) || together(during('board-lockout').get(call)!));
    if (calls.length === 0) return [];
    const found: Found = {
      severity: 'error',
      what: `Compressor and furnace run together: ${calls.map((call) => CALLS[call].short.toLowerCase()).join(', ')}.`,
      fix: 'Set the thermostat’s backup to fossil, or fit an interlock that opens Y while the furnace is called.',
      page: 'wiring',
      fact: 'thermostat.backupSetting',
      at: COMPRESSOR_COIL,
      ...(facts.thermostat.backupSetting === 'electric'
        ? { fixBy: [{ path: 'thermostat.backupSetting', value: 'fossil' }] }
        : {}),
    };
    return [found];
  },
};
