import { OUTDOOR_POWER, THERMOSTAT_POWER } from '../../devices/ids';
import type { Found } from '../../job/finding';
import type { WiringRule } from './subject';

/** What a device without power no longer does. */
const WITHOUT: Partial<Record<string, { readonly what: string; readonly fix: string }>> = {
  [THERMOSTAT_POWER]: {
    what: 'The thermostat has no power: its display is blank, and it calls nothing.',
    fix: 'First check for 24 V, R to C, at its subbase. Then trace each back to the indoor unit.',
  },
  [OUTDOOR_POWER]: {
    what: 'The outdoor board has no power: no defrost and no heat output.',
    fix: 'First check for 24 V, R to C, at the outdoor board. Then trace each back to the indoor unit.',
  },
};

export const controlsHavePower: WiringRule = {
  id: 'controls-have-power',
  why: 'A control sends nothing without its own R and C, whatever its terminals are wired to.',
  check: ({ harness, cold }) => {
    const calls = [...cold.values()];
    return harness.devices.flatMap(({ coils }) =>
      coils.flatMap(({ id }): Found[] => {
        const lost = WITHOUT[id];
        if (
          lost === undefined ||
          !calls.every(({ energized, fuseOpenedAtAmps }) => !energized.has(id) && fuseOpenedAtAmps === null)
        )
          return [];
        return [{ severity: 'error', ...lost, page: 'wiring', at: id }];
      }),
    );
  },
};
