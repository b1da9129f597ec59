import type { Facts } from '../job/document';
import { backupOutputs, isFossil } from './outputs';
import type { Signal } from './signal';

/** The thermostat's valve output in heating and cooling: by its setting, or by terminals of their own. */
const valveSignals = ({ thermostat }: Facts, isHeating: boolean): Signal[] => {
  if (thermostat.valveTerminals === 'O+B') return [isHeating ? 'B' : 'O'];
  return thermostat.valveSetting === (isHeating ? 'B' : 'O') ? [thermostat.valveSetting] : [];
};

/** What a job's thermostat sends for its compressor. */
export const compressorSignals = (facts: Facts, isHeating: boolean, stage: 1 | 2): Signal[] => [
  'Y',
  'G',
  ...(stage === 2 && facts.thermostat.compressorOutputs === 2 ? (['Y2'] as const) : []),
  ...valveSignals(facts, isHeating),
];

/** A furnace runs its own blower; strips need G, or a thermostat that takes the furnace for strips gives it. */
const backupFan = (facts: Facts): Signal[] => (isFossil(facts) ? [] : ['G']);

const secondAux = (facts: Facts): Signal[] => (backupOutputs(facts).secondAux ? ['AUX2'] : []);

/** What it sends for auxiliary heat. */
export const auxSignals = (facts: Facts): Signal[] => ['AUX', ...secondAux(facts), ...backupFan(facts)];

/** What it sends for emergency heat: through its own output where the thermostat has one. */
export const emergencySignals = (facts: Facts): Signal[] => [
  backupOutputs(facts).emergency ? 'E' : 'AUX',
  ...secondAux(facts),
  ...backupFan(facts),
];
