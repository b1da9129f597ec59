import { COMPRESSOR_COIL } from '../../devices/ids';
import { backupCoils } from './emergency-heats';
import type { WiringRule } from './subject';

export const loadControlSparesHeat: WiringRule = {
  id: 'load-control-spares-heat',
  why: 'During utility load control the compressor is off and backup still heats.',
  check: ({ facts, during }) => {
    if (facts.boxes.loadControl !== 'Y') return [];
    const held = during('utility-shed');
    const about = {
      severity: 'error',
      page: 'wiring',
      at: 'load-control.1',
      fix: 'Put it in series in Y, with no wire bypassing it.',
    } as const;
    return [
      ...(held.get('heat-1')!.energized.has(COMPRESSOR_COIL)
        ? [{ ...about, aspect: 'runs', what: 'With the utility’s relay open, the compressor still runs.' }]
        : []),
      ...(backupCoils(facts).some((coil) => !held.get('emergency')!.energized.has(coil))
        ? [{ ...about, aspect: 'cold', what: 'With the utility’s relay open, emergency heat does not come on.' }]
        : []),
    ];
  },
};
