import type { Facts } from '../../job/document';
import { type Device, device } from '../device';
import { STRIP_INTERLOCK_COIL } from '../ids';

/** A control relay's coil, VA. Our judgment. */
const RELAY_VA = 4;

/** Locks out one bank of strips while the compressor is called, to stay within the house's service. */
export const stripInterlock = ({ boxes }: Facts): Device =>
  device('strip-interlock', 'indoors', {
    plateName: 'relay',
    terminals: [
      { mark: 'Y', carries: 'compressor call' },
      { mark: 'C', carries: 'common side' },
      { mark: 'W-in', carries: `call of bank ${boxes.heldBank}, in` },
      { mark: 'W-out', carries: `call of bank ${boxes.heldBank}, out` },
    ],
    coils: [
      {
        id: STRIP_INTERLOCK_COIL,
        label: 'Strip interlock',
        from: 'Y',
        to: 'C',
        va: RELAY_VA,
        source: 'control',
        does: `Opens the bank ${boxes.heldBank} call while the compressor is called.`,
      },
    ],
    contacts: [
      {
        id: 'strip interlock contact',
        label: `Strip interlock, bank ${boxes.heldBank}`,
        from: 'W-in',
        to: 'W-out',
        movedBy: { coil: STRIP_INTERLOCK_COIL },
        rests: 'closed',
        openWhy: `The strip interlock keeps bank ${boxes.heldBank} off: the compressor is called.`,
      },
    ],
  });
