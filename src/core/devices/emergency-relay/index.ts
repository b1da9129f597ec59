import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import { type Contact, type Device, device } from '../device';

/** A control relay's coil, VA. Our judgment. */
const RELAY_VA = 4;

/** Bypasses the outdoor thermostats in emergency heat: called by E, it feeds every bank from R. */
export const emergencyRelay = (facts: Facts): Device => {
  const inputs = reachableBanks(facts).map((bank) => `W${bank}`);
  return device('emergency-relay', 'indoors', {
    terminals: [
      { mark: 'E', carries: 'emergency call' },
      { mark: 'C', carries: 'common side' },
      { mark: 'R', carries: 'hot side' },
      ...inputs.map((mark) => ({ mark, carries: `to ${mark}, in emergency heat` })),
    ],
    coils: [
      {
        id: 'emergency relay',
        label: 'Emergency relay',
        from: 'E',
        to: 'C',
        va: RELAY_VA,
        source: 'control',
        does: 'Energizes every bank, bypassing the outdoor thermostats.',
      },
    ],
    contacts: inputs.map((mark): Contact => ({
      id: `emergency relay ${mark}`,
      label: `Emergency relay, R to ${mark}`,
      from: 'R',
      to: mark,
      movedBy: { coil: 'emergency relay' },
      rests: 'open',
      openWhy: 'Emergency heat is not called.',
    })),
  });
};
