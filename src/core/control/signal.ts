import type { ConditionId } from './conditions';

/** Signals of thermostat, boards and switches to the contacts that they move. */
export type Signal =
  | 'Y'
  | 'Y2'
  | 'G'
  | 'O'
  | 'B'
  | 'AUX'
  | 'AUX2'
  | 'E'
  | 'defrost'
  | 'fault-heat'
  | 'fuse-open'
  | OutdoorThermostatSignal
  | ConditionId;

/** An outdoor thermostat that has closed; numbers count from 1. */
export type OutdoorThermostatSignal = `outdoor-thermostat-${number}`;

export const outdoorThermostatSignal = (number: number): OutdoorThermostatSignal => `outdoor-thermostat-${number}`;
