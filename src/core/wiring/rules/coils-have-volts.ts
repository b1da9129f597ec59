import { readVolts } from '../../circuit/meter';
import { type CallId, CALLS } from '../../control/moment';
import { nodeOf } from '../../devices/device';
import type { Found } from '../../job/finding';
import { roundTo } from '../../units/round';
import type { WiringRule } from './subject';

/** Least volts at a coil under the heaviest call. */
const LEAST_VOLTS = 20;
/** Below this a coil is not fed at all, and that is no matter of volts. */
const FED_VOLTS = 2;

export const coilsHaveVolts: WiringRule = {
  id: 'coils-have-volts',
  why: 'A coil under 20 V pulls in late, hums and burns its contacts.',
  check: ({ harness, states }) =>
    harness.devices.flatMap((device) =>
      device.coils.flatMap((coil): Found[] => {
        const readings = (Object.keys(states) as CallId[])
          .map((call) => ({ call, volts: readVolts(states[call].solution, nodeOf(device.id, coil.from), nodeOf(device.id, coil.to)) }))
          .filter(({ volts }) => volts > FED_VOLTS);
        const lowest = readings.reduce<{ call: CallId; volts: number } | null>(
          (least, each) => (least === null || each.volts < least.volts ? each : least),
          null,
        );
        if (lowest === null || lowest.volts >= LEAST_VOLTS) return [];
        return [
          {
            severity: 'error',
            what: `${coil.label}: ${roundTo(lowest.volts, 1)} V in ${CALLS[lowest.call].label.toLowerCase()}, at least ${LEAST_VOLTS} V are needed.`,
            mend: 'Use thicker or shorter cable, or a transformer with more VA.',
            page: 'wiring',
          },
        ];
      }),
    ),
};
