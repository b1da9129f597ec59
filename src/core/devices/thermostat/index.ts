import type { Signal } from '../../control/thermostat';
import type { Facts } from '../../job/document';
import { type Contact, type Device, DEVICE_LABELS } from '../device';

const output = (mark: Signal): Contact => ({
  id: `thermostat R–${mark}`,
  label: `Thermostat contact ${mark}`,
  from: 'R',
  to: mark,
  movedBy: mark,
  rests: 'open',
});

/** A heat-pump thermostat with one valve output, separate AUX and E. */
export const thermostat = ({ thermostat: facts }: Facts): Device => {
  const valve = facts.valveSetting;
  return {
    id: 'thermostat',
    label: DEVICE_LABELS.thermostat,
    plateName: facts.name,
    terminals: [
      { mark: 'R', carries: 'hot side of the transformer' },
      { mark: 'C', carries: 'common side' },
      { mark: 'Y', carries: 'compressor' },
      { mark: valve, carries: valve === 'O' ? 'reversing valve, energised in cooling' : 'reversing valve, energised in heating' },
      { mark: 'G', carries: 'blower' },
      { mark: 'AUX', carries: 'auxiliary heat call' },
      { mark: 'E', carries: 'emergency heat call' },
    ],
    coils:
      facts.power === 'C'
        ? [{ id: 'thermostat electronics', label: 'Thermostat', from: 'R', to: 'C', va: facts.thermostatVA, source: 'control', does: 'Powers the thermostat.' }]
        : [],
    contacts: [output('Y'), output(valve), output('G'), output('AUX'), output('E')],
  };
};
