import type { Facts } from '../../job/document';
import { type Contact, type Device, device } from '../device';

const RELAY_VA = 4;

/** Opens Y while the furnace is called and, with a fossil-fuel kit, while the air at the coil is above its limit. */
export const interlock = ({ furnace }: Facts): Device => {
  const isKit = furnace.interlock === 'kit';
  const relay: Contact = {
    id: 'interlock relay',
    label: 'Interlock, Y',
    from: 'Y-in',
    to: isKit ? 'relayed' : 'Y-out',
    movedBy: { coil: 'interlock' },
    rests: 'closed',
    openWhy: 'The interlock holds Y open: the furnace is called.',
  };
  const limit: Contact = {
    id: 'supply-air limit',
    label: 'Supply-air limit',
    from: 'relayed',
    to: 'Y-out',
    movedBy: 'supply-air-hot',
    rests: 'closed',
    openWhy: `The supply air at the coil is above ${furnace.supplyAirLimitF} °F: Y comes back when it has fallen ${furnace.supplyAirDifferentialF} °F.`,
  };
  return device('interlock', 'indoors', {
    plateName: isKit ? 'fossil-fuel kit' : 'relay',
    terminals: [
      { mark: 'Y-in', carries: 'compressor call, in' },
      { mark: 'Y-out', carries: 'compressor call, let through' },
      { mark: 'W', carries: 'furnace call' },
      { mark: 'C', carries: 'common side' },
    ],
    coils: [
      {
        id: 'interlock',
        label: 'Interlock relay',
        from: 'W',
        to: 'C',
        va: RELAY_VA,
        source: 'control',
        does: 'Opens Y: no compressor while the furnace is called.',
      },
    ],
    contacts: isKit ? [relay, limit] : [relay],
  });
};
