import { CALLS } from '../../control/moment';
import { BLOWER_BY_HEAT_COIL, BLOWER_COIL } from '../../devices/ids';
import type { WiringRule } from './subject';

export const heatWithAir: WiringRule = {
  id: 'heat-with-air',
  why: 'Strips without airflow open their limits, then their fusible links.',
  check: ({ cold }) => {
    const calls = [...cold]
      .filter(
        ([, { energized }]) =>
          [...energized].some((coil) => coil.startsWith('heat bank')) &&
          !energized.has(BLOWER_COIL) &&
          !energized.has(BLOWER_BY_HEAT_COIL),
      )
      .map(([call]) => call);
    return calls.length === 0
      ? []
      : [
          {
            severity: 'error',
            what: `Strips run without the blower: ${calls.map((call) => CALLS[call].short.toLowerCase()).join(', ')}.`,
            fix: 'Fix G, and check the kit’s blower interlock.',
            page: 'wiring',
            at: BLOWER_COIL,
          },
        ];
  },
};
