import { COMPRESSOR_COIL } from '../../devices/ids';
import type { WiringRule } from './subject';

export const floatStopsCompressor: WiringRule = {
  id: 'float-stops-compressor',
  why: 'A full pan must stop the cooling that fills it.',
  check: ({ facts, during }) =>
    facts.system.floatSwitch !== 'none' && during('pan-full').get('cool-1')!.energized.has(COMPRESSOR_COIL)
      ? [
          {
            severity: 'error',
            what: 'With the float switch open, the compressor still runs in cooling.',
            fix: 'Put it in series in Y, with no wire bypassing it.',
            page: 'wiring',
            at: 'float-switch.1',
          },
        ]
      : [],
};
