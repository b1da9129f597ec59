import type { Facts } from '../../job/document';
import { type Contact, type Device, DEVICE_LABELS } from '../device';

/** The defrost relay's contacts: during defrost the valve stands as in cooling, whatever the thermostat sends. */
const valveContacts = (valve: 'O' | 'B'): Contact[] => {
  const passes: Contact = {
    id: 'defrost relay, valve line',
    label: `Defrost relay, ${valve} to valve`,
    from: valve,
    to: 'valve',
    movedBy: 'defrost',
    rests: 'closed',
  };
  const feeds: Contact = { id: 'defrost relay, valve feed', label: 'Defrost relay, R to valve', from: 'R', to: 'valve', movedBy: 'defrost', rests: 'open' };
  return valve === 'O' ? [passes, feeds] : [passes];
};

/** A single-stage outdoor unit with a defrost board that has a W output. */
export const outdoorUnit = ({ outdoorUnit: facts }: Facts): Device => {
  const valve = facts.reversingValve;
  return {
    id: 'outdoor-unit',
    label: DEVICE_LABELS['outdoor-unit'],
    plateName: facts.name,
    terminals: [
      { mark: 'R', carries: 'hot side, for the board' },
      { mark: 'C', carries: 'common side' },
      { mark: 'Y', carries: 'contactor' },
      { mark: valve, carries: valve === 'O' ? 'reversing valve, energised in cooling' : 'reversing valve, energised in heating' },
      { mark: 'W', carries: 'output: strips during defrost' },
    ],
    coils: [
      { id: 'defrost board', label: 'Defrost board', from: 'R', to: 'C', va: facts.boardVA, source: 'control', does: 'Runs the defrost logic.' },
      { id: 'contactor', label: 'Contactor', from: 'Y', to: 'C', va: facts.contactorVA, source: 'compressor', does: 'Starts compressor and outdoor fan.' },
      {
        id: 'reversing valve',
        label: 'Reversing valve',
        from: 'valve',
        to: 'C',
        va: facts.reversingValveVA,
        source: 'compressor',
        does: valve === 'O' ? 'Turns the circuit to cooling.' : 'Turns the circuit to heating.',
      },
    ],
    contacts: [
      ...valveContacts(valve),
      { id: 'defrost relay, W output', label: 'Defrost relay, R to W', from: 'R', to: 'W', movedBy: 'defrost', rests: 'open' },
    ],
  };
};
