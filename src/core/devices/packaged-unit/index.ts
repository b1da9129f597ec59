import type { Facts } from '../../job/document';
import { airHandler, reachableBanks } from '../air-handler';
import { type Device, device } from '../device';
import { heatOutputs, outdoorBoard } from '../outdoor-unit';

/** A packaged unit: indoor and outdoor board in one cabinet on one strip, factory-wired to each other. */
export const packagedUnit = (facts: Facts): Device => {
  const indoors = airHandler(facts);
  const board = outdoorBoard(facts);
  const [first] = reachableBanks(facts);
  return device('packaged-unit', 'outdoors', {
    plateName: facts.outdoorUnit.name || facts.airHandler.name,
    terminals: indoors.terminals.map((terminal) => ({
      ...terminal,
      carries: terminal.carries.replace(', passed on', ''),
    })),
    coils: [...indoors.coils, ...board.coils],
    contacts: [
      ...indoors.contacts,
      ...board.contacts,
      ...(first !== undefined && facts.outdoorUnit.stripsInDefrost ? heatOutputs(facts, `W${first}`) : []),
    ],
    transformers: indoors.transformers,
  });
};
