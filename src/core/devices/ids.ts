/** Coils that several pages refer to. */
export const COMPRESSOR_COIL = 'contactor';
export const SECOND_STAGE_COIL = 'second stage';
export const VALVE_COIL = 'reversing valve';
export const BLOWER_COIL = 'blower relay';
export const BLOWER_BY_HEAT_COIL = 'blower by heat';
export const FURNACE_COIL = 'furnace heat';
export const INTERLOCK_COIL = 'interlock';
export const STRIP_INTERLOCK_COIL = 'strip interlock';

/** Power of a device's own logic: without it, it sends nothing. */
export const THERMOSTAT_POWER = 'thermostat electronics';
export const OUTDOOR_POWER = 'defrost board';

/** Coil of a bank of strips. */
export type BankCoilId = `heat bank ${number}`;
export const bankCoilId = (bank: number): BankCoilId => `heat bank ${bank}`;

/** Coil of a furnace stage, from the second on. */
export type FurnaceStageId = `furnace stage ${number}`;
export const furnaceStageId = (stage: number): FurnaceStageId => `furnace stage ${stage}`;

/** Every coil and every board's own load by name, unique in a system. */
export type CoilId =
  | typeof COMPRESSOR_COIL
  | typeof SECOND_STAGE_COIL
  | typeof VALVE_COIL
  | typeof BLOWER_COIL
  | typeof BLOWER_BY_HEAT_COIL
  | typeof FURNACE_COIL
  | typeof INTERLOCK_COIL
  | typeof STRIP_INTERLOCK_COIL
  | typeof THERMOSTAT_POWER
  | typeof OUTDOOR_POWER
  | BankCoilId
  | FurnaceStageId
  | 'furnace board'
  | 'fault lamp'
  | 'isolation relay'
  | 'emergency relay'
  | `relay pair ${1 | 2}`
  | 'zone board'
  | 'zone dampers'
  | `zone board ${string}`
  | 'dehumidify input'
  | 'humidifier valve'
  | 'ventilator damper'
  | 'air-cleaner relay';

/** Every contact by name, unique in a system. */
export type ContactId =
  | `thermostat R–${string}`
  | `emergency relay ${string}`
  | `outdoor thermostat ${number}`
  | 'board fuse'
  | 'unit safeties'
  | 'defrost relay, valve line'
  | 'defrost relay, valve feed'
  | 'defrost relay, stage line'
  | 'defrost relay, stage feed'
  | 'defrost relay, W line'
  | 'defrost relay, W output'
  | 'fault relay, W output'
  | 'fault relay, L'
  | 'fan output by heat'
  | 'furnace sequence'
  | 'furnace limits'
  | 'interlock relay'
  | 'strip interlock contact'
  | 'supply-air limit'
  | 'isolation contact'
  | 'float switch'
  | 'low-gas switch'
  | `relay pair, out ${1 | 2}`
  | `zone board, out ${string}`
  | 'dehumidistat'
  | 'load-control relay'
  | 'wet switch'
  | 'humidifier wet switch';

/** Every resistance other than a coil. */
export type ResistorId = 'outdoor sensor' | 'relay pair link';

/** Every factory conductor by name, unique in a system. */
export type FactoryLeadId = 'factory lead, pressure switch';
