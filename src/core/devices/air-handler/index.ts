import { heatInputs, reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import { blowerRelay, dehumidifyInput, heatBlowerRelay } from '../board/blower';
import { indoorStrip } from '../board/indoor-strip';
import { boardSupply } from '../board/transformer';
import { type Coil, type Device, device } from '../device';
import { bankCoilId } from '../ids';

const SWITCH_WORDS = { sequencer: 'Sequencer', relay: 'Relay', contactor: 'Contactor' } as const;

const bankCoil = (facts: Facts, bank: number): Coil => ({
  id: bankCoilId(bank),
  label: `${SWITCH_WORDS[facts.heatKit.switching]} ${bank}`,
  from: `W${bank}`,
  to: 'C',
  va: facts.heatKit.sequencerVA,
  source: 'strips',
  does:
    facts.heatKit.switching === 'sequencer'
      ? `Its heater closes bank ${bank} after a delay.`
      : `Closes heat bank ${bank}.`,
});

/** An air handler with the system transformer and an electric heat kit. Passes Y and the valve terminal on. */
export const airHandler = (facts: Facts): Device => {
  const banks = reachableBanks(facts);
  const supply = boardSupply(facts);
  const [first] = banks;
  const byHeat =
    facts.heatKit.hasInterlock && first !== undefined
      ? heatBlowerRelay(bankCoilId(first), 'The first sequencer has not closed.')
      : null;
  return device('air-handler', 'indoors', {
    plateName: facts.airHandler.name,
    terminals: [
      ...indoorStrip(facts),
      ...heatInputs(facts).map((mark, at) => ({ mark, carries: `heat bank ${at + 1}` })),
    ],
    coils: [
      blowerRelay(facts),
      ...dehumidifyInput(facts),
      ...banks.map((bank) => bankCoil(facts, bank)),
      ...(byHeat ? [byHeat.coil] : []),
    ],
    contacts: [...supply.contacts, ...(byHeat ? [byHeat.contact] : [])],
    transformers: supply.transformers,
  });
};
