import { readVolts } from '../../circuit/meter';
import { type CallId, CALLS } from '../../control/moment';
import { nodeOf } from '../../devices/device';
import type { Found } from '../../job/finding';
import { DROP_OUT_VOLTS, PULL_IN_VOLTS } from '../../units/control-volts';
import { roundTo } from '../../units/round';
import type { WiringRule } from './subject';

export const coilsPullIn: WiringRule = {
  id: 'coils-pull-in',
  why: 'Until it pulls in, a contactor or valve draws several times its sealed VA. A long, light cable or a weak transformer cannot supply it, and it hums.',
  check: ({ harness, cold }) =>
    harness.devices.flatMap((device) =>
      device.coils.flatMap((coil): Found[] => {
        if (coil.inrushVA === undefined) return [];
        const short = [...cold].flatMap(([call, state]): { call: CallId; volts: number }[] => {
          const volts = readVolts(state.solution, nodeOf(device.id, coil.from), nodeOf(device.id, coil.to));
          const isShort = volts >= DROP_OUT_VOLTS && volts < PULL_IN_VOLTS && !state.energized.has(coil.id);
          return isShort && state.chattering.length === 0 ? [{ call, volts }] : [];
        });
        const [first] = short;
        if (!first) return [];
        return [
          {
            severity: 'error',
            what: `${coil.label} may never pull in: ${roundTo(first.volts, 1)} V at its inrush of ${roundTo(coil.inrushVA, 0)} VA in ${CALLS[first.call].label.toLowerCase()}, ${PULL_IN_VOLTS} V are needed.`,
            fix: 'Heavier or shorter cable, or a larger transformer. Read its inrush off the plate and enter it on the Survey.',
            page: 'wiring',
            at: coil.id,
          },
        ];
      }),
    ),
};
