import { outdoorThermostatOf } from '../../control/outdoor-thermostats';
import { backupOutputs } from '../../control/outputs';
import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import { interlockedBank } from '../../job/interlocked-bank';

/** Banks called together: by one output, through one outdoor thermostat or none. */
export interface BankGroup {
  /** The thermostat's terminal; null if it has none for heat. */
  readonly output: string | null;
  /** Number of the outdoor thermostat in its circuit, from 1; null: none. */
  readonly outdoorThermostat: number | null;
  /** Whether a relay locks them out while the compressor is called. */
  readonly isHeld: boolean;
  readonly banks: readonly number[];
}

/** The kit's banks by how their call arrives, the first bank's group first. Banks of a group are jumpered. */
export const bankGroups = (facts: Facts): readonly BankGroup[] => {
  const { aux = null, secondAux } = backupOutputs(facts);
  const held = interlockedBank(facts);
  const groups = new Map<string, BankGroup>();
  reachableBanks(facts).forEach((bank, at) => {
    const output = at > 0 && secondAux ? secondAux : aux;
    const outdoorThermostat = outdoorThermostatOf(facts, bank)?.number ?? null;
    const isHeld = bank === held;
    const key = `${output} ${outdoorThermostat} ${isHeld}`;
    groups.set(key, { output, outdoorThermostat, isHeld, banks: [...(groups.get(key)?.banks ?? []), bank] });
  });
  return [...groups.values()];
};
