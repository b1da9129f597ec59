import type { Facts } from '../../job/document';
import { apartF } from '../../units/degrees';
import { type Coil, type Contact, type Device, device } from '../device';
import { INTERLOCK_COIL } from '../ids';

/** A control relay's coil, VA. Our judgment. */
const RELAY_VA = 4;

/** The relay that opens Y while the furnace is called. */
export const interlockCoil = (from: string): Coil => ({
  id: INTERLOCK_COIL,
  label: 'Interlock relay',
  from,
  to: 'C',
  va: RELAY_VA,
  source: 'control',
  does: 'Opens Y: locks out the compressor while the furnace is called.',
});

/** The devices in Y: the relay contact and, with a fossil-fuel kit, the limit at the coil. */
export const interlockContacts = ({ furnace }: Facts, from: string, to: string): readonly Contact[] => {
  const isKit = furnace.interlock === 'kit';
  const relay: Contact = {
    id: 'interlock relay',
    label: 'Interlock, Y',
    from,
    to: isKit ? 'relayed' : to,
    movedBy: { coil: INTERLOCK_COIL },
    rests: 'closed',
    safety: 'interlock',
    openWhy: 'The interlock keeps Y open while the furnace is called.',
  };
  const limit: Contact = {
    id: 'supply-air limit',
    label: 'Supply-air limit',
    from: 'relayed',
    to,
    movedBy: 'supply-air-hot',
    rests: 'closed',
    safety: 'interlock',
    openWhy: `The supply air at the coil is above ${furnace.supplyAirLimitF} °F: Y comes back when it has fallen ${apartF(furnace.supplyAirDifferentialF)}.`,
  };
  return isKit ? [relay, limit] : [relay];
};

/** Opens Y while the furnace is called and, with a fossil-fuel kit, while the air at the coil is above its limit. */
export const furnaceRelayKit = (facts: Facts): Device =>
  device('interlock', 'indoors', {
    plateName: facts.furnace.interlock === 'kit' ? 'fossil-fuel kit' : 'relay',
    terminals: [
      { mark: 'Y-in', carries: 'compressor call, in' },
      { mark: 'Y-out', carries: 'compressor call, out' },
      { mark: 'W', carries: 'furnace call' },
      { mark: 'C', carries: 'common side' },
    ],
    coils: [interlockCoil('W')],
    contacts: interlockContacts(facts, 'Y-in', 'Y-out'),
  });
