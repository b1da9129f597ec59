import { type Device, device } from '../device';

/** A control relay's coil, VA. Our judgment. */
const RELAY_VA = 4;

/** A relay that passes the furnace call to a burner control with its own transformer. */
export const isolationRelay: Device = device('isolation-relay', 'indoors', {
  terminals: [
    { mark: 'W', carries: 'furnace call' },
    { mark: 'C', carries: 'common side' },
    { mark: '1', carries: 'dry contact' },
    { mark: '2', carries: 'dry contact' },
  ],
  coils: [
    {
      id: 'isolation relay',
      label: 'Isolation relay',
      from: 'W',
      to: 'C',
      va: RELAY_VA,
      source: 'control',
      does: 'Closes the burner control’s own circuit.',
    },
  ],
  contacts: [
    {
      id: 'isolation contact',
      label: 'Isolation relay, contact',
      from: '1',
      to: '2',
      movedBy: { coil: 'isolation relay' },
      rests: 'open',
      openWhy: 'The isolation relay is not called.',
    },
  ],
});
