import { backupOutputs } from '../../control/outputs';
import { bankCoilId, type CoilId, COMPRESSOR_COIL, FURNACE_COIL } from '../../devices/ids';
import { backupOf } from '../../job/backup';
import { reachableBanks } from '../../job/banks';
import type { Facts } from '../../job/document';
import type { Found } from '../../job/finding';
import { allCoils, type StatesByCall } from '../behavior';
import { refText } from '../harness';
import type { WiringRule, WiringSubject } from './subject';

/** Coils that emergency heat must turn on. */
export const backupCoils = (facts: Facts): CoilId[] =>
  backupOf(facts) === 'fossil' ? [FURNACE_COIL] : reachableBanks(facts).map(bankCoilId);

const missing = (facts: Facts, states: StatesByCall) =>
  backupCoils(facts).filter((coil) => !states.get('emergency')!.energized.has(coil));

/**
 * Whether AUX and E are jumpered with an outdoor thermostat after them: the jumper is what locks out emergency heat.
 */
const isJumpered = ({ facts, joined }: WiringSubject): boolean => {
  const { aux, emergency } = backupOutputs(facts);
  return (
    aux !== undefined &&
    emergency !== undefined &&
    joined.areJoined(refText({ device: 'thermostat', mark: aux }), refText({ device: 'thermostat', mark: emergency }))
  );
};

export const emergencyHeats: WiringRule = {
  id: 'emergency-heats',
  why: 'Emergency heat must heat the house with the outdoor unit dead, at any outdoor temperature, bypassing every outdoor thermostat.',
  check: (subject) => {
    const { facts, harness, cold, mild } = subject;
    const inCold = missing(facts, cold);
    const inMild = missing(facts, mild).filter((coil) => !inCold.includes(coil));
    const named = (coils: readonly CoilId[]) =>
      allCoils(harness)
        .filter(({ id }) => coils.includes(id))
        .map(({ label }) => label.toLowerCase())
        .join(', ');
    const base = { severity: 'error', page: 'wiring', at: 'thermostat.E' } as const;
    const found: Found[] = [];
    if (inCold.length > 0)
      found.push({
        ...base,
        what: `Emergency heat does not turn on: ${named(inCold)}.`,
        fix: 'Give E its own path to every heat input, or install the AUX–E jumper if one source serves both.',
        aspect: 'cold',
      });
    if (inMild.length > 0)
      found.push({
        ...base,
        ...(isJumpered(subject)
          ? {
              what: `AUX and E are jumpered through an outdoor thermostat: in mild weather emergency heat is missing ${named(inMild)}.`,
              fix: 'Remove the AUX–E jumper and give E its own conductor to the heat input, or a relay that bypasses the outdoor thermostats.',
            }
          : {
              what: `Emergency heat runs through an outdoor thermostat: in mild weather it does not turn on ${named(inMild)}.`,
              fix: 'Land E downstream of the outdoor thermostats.',
            }),
        aspect: 'mild',
      });
    if (cold.get('emergency')!.energized.has(COMPRESSOR_COIL))
      found.push({
        ...base,
        what: 'Emergency heat starts the compressor.',
        fix: 'Find what joins E or AUX to Y.',
        at: COMPRESSOR_COIL,
        aspect: 'compressor',
      });
    return found;
  },
};
