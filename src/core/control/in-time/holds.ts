import {
  backupWanted,
  type Demand,
  type DemandInputs,
  hasBeen,
  mayBackUp,
  mayCompress,
  setpointNow,
  shortBy,
} from './demand';
import { below, type ControlProgram } from './program';

/** Why a called compressor is not running. */
export type CompressorHold =
  'lockout' | 'fault' | 'furnace' | 'power-up' | 'minimum-off' | 'starts-per-hour' | 'furnace-cooling';

/** Why a needed backup is not on. */
export type BackupHold = 'lockout' | 'recovery' | 'power-up' | 'starts-per-hour';

/** What a thermostat holds off in a tick, and why; null: nothing. */
export interface Holds {
  readonly compressor: CompressorHold | null;
  readonly backup: BackupHold | null;
}

const NOTHING: Holds = { compressor: null, backup: null };

const compressorHold = (
  demand: Demand,
  program: ControlProgram,
  { mode, setpoints, roomF, hasFault }: DemandInputs,
  atMin: number,
): CompressorHold | null => {
  const { compressor, backup, emergency, isLockedOut } = demand;
  if (compressor.isOn) return null;
  if (mode === 'heat' && isLockedOut) return 'lockout';
  if (mode === 'heat' && hasFault) return 'fault';
  const isFossil = program.backup === 'fossil';
  if (isFossil && backup.isOn) return 'furnace';
  if (below(atMin, program.powerUpHoldMin)) return 'power-up';
  if (isFossil && ![backup, emergency].every((fired) => hasBeen(fired, program.afterFossilMin, atMin)))
    return 'furnace-cooling';
  if (!hasBeen(compressor, program.minOffMin, atMin)) return 'minimum-off';
  const shortF = shortBy(mode, setpointNow(setpoints, program, mode, atMin).setpointF, roomF);
  return mayCompress(demand, program, shortF, atMin) ? null : 'starts-per-hour';
};

const backupHold = (
  demand: Demand,
  program: ControlProgram,
  { mode, setpoints, roomF, hasFault }: DemandInputs,
  atMin: number,
): BackupHold | null => {
  if (mode !== 'heat' || demand.backup.isOn) return null;
  const { setpointF, isRecovering } = setpointNow(setpoints, program, mode, atMin);
  const shortF = shortBy(mode, setpointF, roomF);
  const freely = demand.isBackupHeld ? { ...demand, isBackupHeld: false } : demand;
  if (!backupWanted(freely, program, { shortF, isRecovering: false, hasFault, atMin }).isWanted) return null;
  if (demand.isBackupHeld && !hasFault) return 'lockout';
  if (isRecovering && !demand.isLockedOut && !hasFault) return 'recovery';
  if (below(atMin, program.powerUpHoldMin)) return 'power-up';
  return mayBackUp(demand.backup, program, shortF, atMin) ? null : 'starts-per-hour';
};

/**
 * What a thermostat holds off after a tick while it calls, and why. The display turns it into words.
 * @param demand state after `stepDemand`
 * @param atMin time of that tick, min
 */
export const holdsOf = (demand: Demand, program: ControlProgram, inputs: DemandInputs, atMin: number): Holds =>
  demand.isCalling && (inputs.mode === 'heat' || inputs.mode === 'cool')
    ? {
        compressor: compressorHold(demand, program, inputs, atMin),
        backup: backupHold(demand, program, inputs, atMin),
      }
    : NOTHING;
