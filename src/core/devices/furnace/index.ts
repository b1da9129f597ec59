import { heatInputs } from '../../job/banks';
import type { Facts } from '../../job/document';
import { blowerRelay, dehumidifyInput, heatBlowerRelay } from '../board/blower';
import { indoorStrip } from '../board/indoor-strip';
import { boardSupply, transformerOf } from '../board/transformer';
import {
  type Coil,
  type Contact,
  type Device,
  device,
  type FactoryLead,
  type Terminal,
  type Transformer,
} from '../device';
import { FURNACE_COIL, furnaceStageId } from '../ids';

/** A furnace board's heat input draws little; a burner relay draws more, VA. Our judgment. */
const INPUT_VA = 2;
const BURNER_RELAY_VA = 6;

interface Burner {
  readonly terminals: readonly Terminal[];
  readonly coils: readonly Coil[];
  readonly contacts: readonly Contact[];
  readonly transformers: readonly Transformer[];
  readonly factoryLeads: readonly FactoryLead[];
}

/** Heat inputs of a furnace, first stage first. A single-stage packaged unit marks it W. */
export const furnaceInputs = (facts: Facts): readonly string[] => {
  const inputs = heatInputs(facts);
  return facts.system.cabinet === 'packaged' && inputs.length === 1 ? ['W'] : inputs;
};

const heatTerminals = (facts: Facts): Terminal[] =>
  furnaceInputs(facts).map((mark, at) => ({ mark, carries: `furnace, stage ${at + 1}` }));

const boardInput = (facts: Facts): Coil => ({
  id: 'furnace board',
  label: 'Furnace board',
  from: furnaceInputs(facts)[0]!,
  to: 'C',
  va: INPUT_VA,
  source: 'fossil',
  does: 'Starts the ignition sequence: inducer, pressure switch, igniter.',
});

const stages = (facts: Facts): Coil[] =>
  furnaceInputs(facts)
    .slice(1)
    .map((mark, at) => ({
      id: furnaceStageId(at + 2),
      label: `Stage ${at + 2}`,
      from: mark,
      to: 'C',
      va: INPUT_VA,
      source: 'fossil',
      does: 'Brings the furnace to high fire.',
    }));

/** Whether the pressure-switch circuit needs a low-gas-pressure switch. */
export const hasLowGasSwitch = ({ furnace }: Facts): boolean => furnace.fuel === 'propane' && furnace.lowGasSwitch;

/** The pressure-switch circuit as shipped: closed by the factory lead unless a listed switch is added. */
const PRESSURE_SWITCH_LEAD: FactoryLead = {
  id: 'factory lead, pressure switch',
  label: 'Factory lead, pressure-switch circuit',
  from: 'PS1',
  to: 'PS2',
  why: 'The manufacturer’s own safety circuit. Do not touch, jumper or open it.',
};

/** Gas: the board feeds the gas valve through the pressure-switch circuit, whose ends are terminals. */
const gasBurner = (facts: Facts): Burner => ({
  terminals: [
    ...heatTerminals(facts),
    { mark: 'PS1', carries: 'pressure-switch circuit, from the board', safety: 'pressure-switch' },
    { mark: 'PS2', carries: 'pressure-switch circuit, to the gas valve', safety: 'pressure-switch' },
  ],
  coils: [
    boardInput(facts),
    ...stages(facts),
    {
      id: FURNACE_COIL,
      label: 'Gas valve',
      from: 'PS2',
      to: 'C',
      va: facts.furnace.gasValveVA,
      source: 'fossil',
      does: 'The burner fires.',
    },
  ],
  contacts: [
    {
      id: 'furnace limits',
      label: 'Furnace limits',
      from: 'R',
      to: 'limit',
      movedBy: 'limit-open',
      rests: 'closed',
      safety: 'limit',
      openWhy: 'A furnace limit is open: the furnace is too hot, or the limit has failed.',
    },
    {
      id: 'furnace sequence',
      label: 'Furnace board, firing',
      from: 'limit',
      to: 'PS1',
      movedBy: { coil: 'furnace board' },
      rests: 'open',
      safety: 'flame',
      openWhy: 'The furnace board is not called.',
    },
  ],
  transformers: [],
  factoryLeads: hasLowGasSwitch(facts) ? [] : [PRESSURE_SWITCH_LEAD],
});

const burnerRelay = (from: string, to: string): Coil => ({
  id: FURNACE_COIL,
  label: 'Burner control',
  from,
  to,
  va: BURNER_RELAY_VA,
  source: 'fossil',
  does: 'The burner fires.',
});

/** Oil, controlled by the furnace's own board. */
const oilBurner = (facts: Facts): Burner => ({
  terminals: heatTerminals(facts),
  coils: [burnerRelay(furnaceInputs(facts)[0]!, 'C'), ...stages(facts)],
  contacts: [],
  transformers: [],
  factoryLeads: [],
});

/** Oil with a separate burner control: its own 24 V closes from T1 to T2. */
const ownTransformerBurner: Burner = {
  terminals: [
    { mark: 'T1', carries: 'burner control, its own 24 V', readTo: 'T2' },
    { mark: 'T2', carries: 'burner control, call', readTo: 'T1' },
  ],
  coils: [burnerRelay('T2', 'burner-common')],
  contacts: [],
  transformers: [transformerOf(40, 'T1', 'burner-common')],
  factoryLeads: [],
};

/** Whether the burner has its own transformer. */
export const hasOwnTransformer = ({ furnace }: Facts): boolean =>
  furnace.fuel === 'fuel-oil' && furnace.burnerControl !== 'board';

/** Whether the furnace has no board: an oil primary on two wires, with an added fan center for everything else. */
export const hasNoBoard = ({ furnace }: Facts): boolean =>
  furnace.fuel === 'fuel-oil' && furnace.burnerControl === 'two-wire';

const burnerOf = (facts: Facts): Burner =>
  hasOwnTransformer(facts)
    ? ownTransformerBurner
    : facts.furnace.fuel === 'fuel-oil'
      ? oilBurner(facts)
      : gasBurner(facts);

/** A furnace under the coil, with the system transformer on its board. Passes Y and the valve terminal on. */
export const furnace = (facts: Facts): Device => {
  if (hasNoBoard(facts))
    return device('furnace', 'indoors', { plateName: facts.airHandler.name, ...ownTransformerBurner });
  const supply = boardSupply(facts);
  const burner = burnerOf(facts);
  const byHeat = hasOwnTransformer(facts) ? null : heatBlowerRelay(burner.coils[0]!.id, 'The furnace is not called.');
  return device('furnace', 'indoors', {
    plateName: facts.airHandler.name,
    terminals: [...indoorStrip(facts), ...burner.terminals],
    coils: [blowerRelay(facts), ...dehumidifyInput(facts), ...burner.coils, ...(byHeat ? [byHeat.coil] : [])],
    contacts: [...supply.contacts, ...burner.contacts, ...(byHeat ? [byHeat.contact] : [])],
    transformers: [...supply.transformers, ...burner.transformers],
    factoryLeads: burner.factoryLeads,
  });
};
