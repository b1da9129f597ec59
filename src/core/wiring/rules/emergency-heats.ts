import { bankCoilId, reachableBanks } from '../../devices/air-handler';
import { COMPRESSOR_COIL, FURNACE_COIL } from '../../devices/device';
import type { Facts } from '../../job/document';
import type { Found } from '../../job/finding';
import type { StatesByCall } from '../behaviour';
import type { WiringRule } from './subject';

/** The coils that emergency heat has to bring. */
const backupCoils = (facts: Facts): string[] =>
  facts.system.backup === 'furnace' ? [FURNACE_COIL] : reachableBanks(facts).map(bankCoilId);

const missing = (facts: Facts, states: StatesByCall) =>
  backupCoils(facts).filter((coil) => !states.get('emergency')!.energised.has(coil));

export const emergencyHeats: WiringRule = {
  id: 'emergency-heats',
  why: 'Emergency heat must heat the house with the outdoor unit dead, at any outdoor temperature: round every outdoor thermostat.',
  check: ({ facts, cold, mild }) => {
    const inCold = missing(facts, cold);
    const inMild = missing(facts, mild).filter((coil) => !inCold.includes(coil));
    const base = { severity: 'error', page: 'wiring', at: 'thermostat.E' } as const;
    const found: Found[] = [];
    if (inCold.length > 0)
      found.push({
        ...base,
        what: `Emergency heat does not bring: ${inCold.join(', ')}.`,
        mend: 'Give E its own way to every heat input, or fit the AUX–E jumper where one source serves both.',
      });
    if (inMild.length > 0)
      found.push({
        ...base,
        what: `Emergency heat passes an outdoor thermostat: in mild weather it does not bring ${inMild.join(', ')}.`,
        mend: 'Land E behind the outdoor thermostats, and take the AUX–E jumper out.',
      });
    if (cold.get('emergency')!.energised.has(COMPRESSOR_COIL))
      found.push({
        ...base,
        what: 'Emergency heat starts the compressor.',
        mend: 'Find what joins E or AUX to Y.',
        at: COMPRESSOR_COIL,
      });
    return found;
  },
};
