import { readVolts } from '../../circuit/meter';
import { type CallId, CALLS } from '../../control/moment';
import { nodeOf } from '../../devices/device';
import type { Found } from '../../job/finding';
import { FED_VOLTS, LEAST_COIL_VOLTS } from '../../units/control-volts';
import { roundTo } from '../../units/round';
import type { WiringRule } from './subject';

export const coilsHaveVolts: WiringRule = {
  id: 'coils-have-volts',
  why: 'A coil with low voltage chatters, hums and burns its contacts.',
  check: ({ harness, cold }) =>
    harness.devices.flatMap((device) =>
      device.coils.flatMap((coil): Found[] => {
        const readings = [...cold]
          .map(([call, state]) => ({
            call,
            volts: readVolts(state.solution, nodeOf(device.id, coil.from), nodeOf(device.id, coil.to)),
          }))
          // A coil that has not pulled in is another rule's: its volts are those of its inrush.
          .filter(
            ({ call, volts }) =>
              volts > FED_VOLTS && (coil.inrushVA === undefined || cold.get(call)!.energized.has(coil.id)),
          );
        const lowest = readings.reduce<{ call: CallId; volts: number } | null>(
          (least, each) => (least === null || each.volts < least.volts ? each : least),
          null,
        );
        if (lowest === null || lowest.volts >= LEAST_COIL_VOLTS) return [];
        return [
          {
            severity: 'error',
            what: `${coil.label}: ${roundTo(lowest.volts, 1)} V in ${CALLS[lowest.call].label.toLowerCase()}, at least ${LEAST_COIL_VOLTS} V are needed.`,
            fix: 'Check for a good wire and common first; then use heavier or shorter cable, or a larger transformer.',
            page: 'wiring',
            at: coil.id,
          },
        ];
      }),
    ),
};
