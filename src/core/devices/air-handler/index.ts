import type { Facts } from '../../job/document';
import type { Coil, Device } from '../device';

/** Open-circuit volts and series resistance of a 40 VA class 2 transformer; a larger one is stiffer in proportion. */
const OPEN_CIRCUIT_VOLTS = 26.6;
const OHMS_AT_40_VA = 1.5;

const sequencer = (bank: 1 | 2, va: number): Coil => ({
  id: `sequencer ${bank}`,
  label: `Sequencer ${bank}`,
  from: `W${bank}`,
  to: 'C',
  va,
  source: 'strips',
  does: `Its heater warms and closes heat bank ${bank} after its delay.`,
});

/** An air handler with the system's transformer and an electric heat kit plugged in. Y and the valve terminal are splices. */
export const airHandler = ({ airHandler: facts, heatKit, outdoorUnit }: Facts): Device => {
  const hasW2 = facts.wInputs === 'W1+W2';
  const hasKit = heatKit.elements.length > 0;
  const hasBank2 = heatKit.elements.some(({ bank }) => bank === 2);
  return {
    id: 'air-handler',
    label: 'Air handler',
    plateName: facts.name,
    terminals: [
      { mark: 'R', carries: 'hot side of the transformer' },
      { mark: 'C', carries: 'common side' },
      { mark: 'Y', carries: 'compressor, passed on' },
      { mark: outdoorUnit.reversingValve, carries: 'reversing valve, passed on' },
      { mark: 'G', carries: 'blower' },
      { mark: 'W1', carries: 'heat bank 1' },
      ...(hasW2 ? [{ mark: 'W2', carries: 'heat bank 2' }] : []),
    ],
    coils: [
      { id: 'blower relay', label: 'Blower', from: 'G', to: 'C', va: facts.blowerRelayVA, source: 'blower', does: 'Starts the blower.' },
      ...(hasKit ? [sequencer(1, heatKit.sequencerVA)] : []),
      ...(hasKit && hasW2 && hasBank2 ? [sequencer(2, heatKit.sequencerVA)] : []),
    ],
    contacts: [],
    transformer: { plus: 'R', minus: 'C', openCircuitVolts: OPEN_CIRCUIT_VOLTS, ohms: (OHMS_AT_40_VA * 40) / facts.transformerVA },
  };
};
