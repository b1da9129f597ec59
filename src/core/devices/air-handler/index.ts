import type { Facts } from '../../job/document';
import { type Coil, type Device, DEVICE_LABELS } from '../device';

/** Open-circuit volts and series resistance of a 40 VA class 2 transformer; a larger one is stiffer in proportion. */
const OPEN_CIRCUIT_VOLTS = 26.6;
const OHMS_AT_40_VA = 1.5;

/** The heat inputs of a board, in order. */
export const heatInputs = ({ airHandler }: Facts): readonly string[] => airHandler.wInputs.split('+');

const SWITCH_WORDS = { sequencer: 'Sequencer', relay: 'Relay', contactor: 'Contactor' } as const;

const bankCoil = (facts: Facts, bank: number): Coil => ({
  id: bankCoilId(bank),
  label: `${SWITCH_WORDS[facts.heatKit.switching]} ${bank}`,
  from: `W${bank}`,
  to: 'C',
  va: facts.heatKit.sequencerVA,
  source: 'strips',
  does: facts.heatKit.switching === 'sequencer' ? `Its heater warms and closes heat bank ${bank} after its delay.` : `Closes heat bank ${bank}.`,
});

/** The id of the coil that brings a bank. */
export const bankCoilId = (bank: number): string => `heat bank ${bank}`;

/** An air handler with the system's transformer and an electric heat kit plugged in. Y and the valve terminal are splices. */
export const airHandler = (job: Facts): Device => {
  const { airHandler: facts, heatKit, outdoorUnit } = job;
  const inputs = heatInputs(job);
  const banks = [...new Set(heatKit.elements.map(({ bank }) => bank))].sort();
  return {
    id: 'air-handler',
    label: DEVICE_LABELS['air-handler'],
    plateName: facts.name,
    terminals: [
      { mark: 'R', carries: 'hot side of the transformer' },
      { mark: 'C', carries: 'common side' },
      { mark: 'Y', carries: 'compressor, passed on' },
      { mark: outdoorUnit.reversingValve, carries: 'reversing valve, passed on' },
      { mark: 'G', carries: 'blower' },
      ...inputs.map((mark, at) => ({ mark, carries: `heat bank ${at + 1}` })),
    ],
    coils: [
      { id: 'blower relay', label: 'Blower', from: 'G', to: 'C', va: facts.blowerRelayVA, source: 'blower', does: 'Starts the blower.' },
      ...banks.filter((bank) => bank <= inputs.length).map((bank) => bankCoil(job, bank)),
    ],
    contacts: [],
    transformer: { plus: 'R', minus: 'C', openCircuitVolts: OPEN_CIRCUIT_VOLTS, ohms: (OHMS_AT_40_VA * 40) / facts.transformerVA },
  };
};
