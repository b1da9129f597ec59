import { CALLS, callsOf } from '../../control/moment';
import { COMPRESSOR_COIL, FURNACE_COIL } from '../../devices/device';
import type { Found } from '../../job/finding';
import { wiringState } from '../state';
import { coldMoment, type WiringRule } from './subject';

const together = ({ energised }: { readonly energised: ReadonlySet<string> }) =>
  energised.has(COMPRESSOR_COIL) && energised.has(FURNACE_COIL);

export const furnaceAlone: WiringRule = {
  id: 'furnace-alone',
  why: 'With the coil above the furnace, compressor and furnace together drive the refrigerant’s pressure beyond its limits.',
  check: ({ facts, harness, cold, mild }) => {
    if (facts.system.backup !== 'furnace') return [];
    const calls = callsOf(facts).filter(
      (call) =>
        together(cold.get(call)!) ||
        together(mild.get(call)!) ||
        together(wiringState(facts, harness, coldMoment(call, 'board-lockout'))),
    );
    if (calls.length === 0) return [];
    const found: Found = {
      severity: 'error',
      what: `Compressor and furnace run together: ${calls.map((call) => CALLS[call].short.toLowerCase()).join(', ')}.`,
      mend: 'Set the thermostat’s backup to fossil, or fit an interlock that opens Y while the furnace is called.',
      page: 'wiring',
      fact: 'thermostat.backupSetting',
      at: COMPRESSOR_COIL,
      ...(facts.thermostat.backupSetting === 'electric'
        ? { mendBy: [{ path: 'thermostat.backupSetting', value: 'fossil' }] }
        : {}),
    };
    return [found];
  },
};
