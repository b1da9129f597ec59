import { FURNACE_COIL } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import type { WiringRule } from './subject';

export const lowGasInCircuit: WiringRule = {
  id: 'low-gas-in-circuit',
  why: 'A propane furnace that tries to fire on an empty tank locks out on the coldest night.',
  check: ({ facts, during }) => {
    if (backupOf(facts) !== 'fossil' || facts.furnace.fuel !== 'propane') return [];
    if (!facts.furnace.lowGasSwitch)
      return [
        {
          severity: 'warning',
          what: 'Propane furnace with no low-gas-pressure switch.',
          fix: 'Fit one in series with the pressure-switch circuit, by a licensed person.',
          page: 'wiring',
          fact: 'furnace.lowGasSwitch',
          fixBy: [{ path: 'furnace.lowGasSwitch', value: true }],
        },
      ];
    if (!during('tank-empty').get('emergency')!.energized.has(FURNACE_COIL)) return [];
    return [
      {
        severity: 'error',
        what: 'With the low-gas switch open, the gas valve is still fed.',
        fix: 'The switch belongs in series in the pressure-switch circuit, with no wire bypassing it.',
        page: 'wiring',
        at: 'low-gas-switch.1',
      },
    ];
  },
};
