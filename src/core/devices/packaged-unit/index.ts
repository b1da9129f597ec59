import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import { airHandler } from '../air-handler';
import { compressorMarks } from '../board/indoor-strip';
import { type Coil, type Contact, type Device, device } from '../device';
import { furnace, furnaceInputs } from '../furnace';
import { interlockCoil, interlockContacts } from '../furnace-relay-kit';
import { heatOutputs, outdoorBoard } from '../outdoor-unit';

/** What keeps compressor and burner of a packaged unit apart: the manufacturer's relay, and its limit if any. */
const ownInterlock = (facts: Facts): { coils: readonly Coil[]; contacts: readonly Contact[]; run?: string } => {
  if (backupOf(facts) !== 'fossil' || facts.furnace.interlock === 'none') return { coils: [], contacts: [] };
  return {
    coils: [interlockCoil(furnaceInputs(facts)[0]!)],
    contacts: interlockContacts(facts, compressorMarks(facts)[0]!, 'interlocked'),
    run: 'interlocked',
  };
};

/** Heat that the board itself may turn on: the first bank, or the burner if nothing keeps the two apart. */
const defrostHeat = (facts: Facts): string | undefined => {
  if (backupOf(facts) === 'fossil') {
    const { interlock, tempersDefrost } = facts.furnace;
    return interlock === 'none' && tempersDefrost ? furnaceInputs(facts)[0] : undefined;
  }
  const [first] = reachableBanks(facts);
  return first !== undefined && facts.outdoorUnit.stripsInDefrost ? `W${first}` : undefined;
};

/** A packaged unit: indoor and outdoor board in one cabinet, factory-wired, on one terminal strip. */
export const packagedUnit = (facts: Facts): Device => {
  const indoors = backupOf(facts) === 'fossil' ? furnace(facts) : airHandler(facts);
  const apart = ownInterlock(facts);
  const board = outdoorBoard(facts, apart.run);
  const heat = defrostHeat(facts);
  return device('packaged-unit', 'outdoors', {
    plateName: facts.outdoorUnit.name || facts.airHandler.name,
    terminals: indoors.terminals.map((terminal) => ({
      ...terminal,
      carries: terminal.carries.replace(', pass-through', ''),
    })),
    coils: [...indoors.coils, ...apart.coils, ...board.coils],
    contacts: [
      ...indoors.contacts,
      ...apart.contacts,
      ...board.contacts,
      ...(heat === undefined ? [] : heatOutputs(facts, heat)),
    ],
    transformers: indoors.transformers,
    factoryLeads: indoors.factoryLeads,
  });
};
