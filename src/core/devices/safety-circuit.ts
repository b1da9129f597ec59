/**
 * Circuits that stop a source before it hurts someone. They are the manufacturer's: never bridge, bypass or open one. A
 * listed switch may be added in series by its kit's instructions.
 */
export const SAFETY_CIRCUITS = {
  'pressure-switch': 'pressure switch',
  limit: 'limit',
  'refrigerant-pressure': 'refrigerant pressure switches',
  'low-gas': 'low-gas-pressure switch',
  flame: 'flame proving',
  float: 'float switch',
  interlock: 'supply-air limit',
} as const;

export type SafetyCircuit = keyof typeof SAFETY_CIRCUITS;
