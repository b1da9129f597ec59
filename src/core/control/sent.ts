import type { Facts } from '../job/document';
import { backupOutputs, isFossil } from './outputs';
import type { Signal } from './signal';

/** The thermostat's valve output in heating and cooling: by its setting, or by separate terminals. */
const valveSignals = ({ thermostat }: Facts, isHeating: boolean): Signal[] => {
  if (thermostat.valveTerminals === 'O+B') return [isHeating ? 'B' : 'O'];
  return thermostat.valveSetting === (isHeating ? 'B' : 'O') ? [thermostat.valveSetting] : [];
};

/** Outputs of a job's thermostat for its compressor. */
export const compressorSignals = (facts: Facts, isHeating: boolean, stage: 1 | 2): Signal[] => [
  'Y',
  'G',
  ...(stage === 2 && facts.thermostat.compressorOutputs === 2 ? (['Y2'] as const) : []),
  ...valveSignals(facts, isHeating),
];

/** A furnace runs its own blower; strips need G, which a thermostat set for strips gives. */
const backupFan = (facts: Facts): Signal[] => (isFossil(facts) ? [] : ['G']);

const secondAux = (facts: Facts): Signal[] => (backupOutputs(facts).secondAux ? ['AUX2'] : []);

/** Outputs for auxiliary heat. */
export const auxSignals = (facts: Facts): Signal[] => ['AUX', ...secondAux(facts), ...backupFan(facts)];

/** Outputs for emergency heat: its own terminal if the thermostat has one. */
export const emergencySignals = (facts: Facts): Signal[] => [
  backupOutputs(facts).emergency ? 'E' : 'AUX',
  ...secondAux(facts),
  ...backupFan(facts),
];
