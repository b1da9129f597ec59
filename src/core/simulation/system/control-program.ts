import type { ControlProgram } from '../../control/in-time/program';
import type { Signals } from '../../control/in-time/signals';
import { lockoutsInForce } from '../../control/lockouts';
import { backupOutputs, isFossil } from '../../control/outputs';
import { auxSignals, compressorSignals, emergencySignals } from '../../control/sent';
import type { Signal } from '../../control/signal';
import type { Facts } from '../../job/document';
import { kitRows } from '../../job/kit-rows';
import type { ResolvedSettings } from '../../setup/resolve-among';
import type { SettingId } from '../../setup/setting-id';

/**
 * Values without a setting, as in most thermostats. Our judgment; a program may override them.
 */
const USUAL = {
  /** Degrees below setpoint at which second stage comes on without a timer. */
  stage2OnF: 1,
  fossilMinOnMin: 3,
  afterFossilMin: 3,
  paceYieldsF: 1,
  recoveryFPerH: 3,
} as const;

/** Room swing for each response setting, °F. Our judgment; the setting says it in words. */
const DIFFERENTIAL_F = { calm: 1.5, usual: 1, brisk: 0.5 } as const;

const backupKind = (facts: Facts): ControlProgram['backup'] => {
  if (backupOutputs(facts).aux === undefined) return 'none';
  if (facts.system.backup === 'furnace') return isFossil(facts) ? 'fossil' : 'electric';
  return kitRows(facts).length > 0 ? 'electric' : 'none';
};

/** A job's thermostat program: its resolved settings, and typical values where there is none. */
export const controlProgram = (facts: Facts, settings: ResolvedSettings): ControlProgram => {
  const value = (id: SettingId) => {
    const resolved = settings.get(id);
    return resolved === undefined || resolved.absent !== null ? null : resolved.value;
  };
  const number = (id: SettingId): number | null => {
    const read = value(id);
    return typeof read === 'number' ? read : null;
  };
  const hasTwoStages = facts.thermostat.compressorOutputs === 2;
  const backup = backupKind(facts);
  const upstageMin = number('upstage-time');
  const isByTime = facts.schools.droop === 'time';
  return {
    differentialF: DIFFERENTIAL_F[value('response') as keyof typeof DIFFERENTIAL_F],
    compressorStages: hasTwoStages ? 2 : 1,
    upstageMin: hasTwoStages ? upstageMin : null,
    stage2OnF: hasTwoStages && upstageMin === null ? USUAL.stage2OnF : null,
    auxOnF: number('aux-on-point'),
    auxOffF: number('aux-off-point') ?? 0,
    auxAfterMin: isByTime ? upstageMin : null,
    backup,
    valve: facts.thermostat.valveSetting,
    ...lockoutsInForce(facts),
    lockoutPlayF: facts.proof.lockoutPlayF,
    onSensorLoss: 'free',
    minOnMin: number('compressor-min-on') ?? 0,
    minOffMin: number('compressor-min-off') ?? 0,
    backupMinOnMin: backup === 'fossil' ? USUAL.fossilMinOnMin : 0,
    compressorStartsPerHour: number('compressor-cycles'),
    backupStartsPerHour: number('backup-cycles'),
    paceYieldsF: USUAL.paceYieldsF,
    givenWayWaits: false,
    afterFossilMin: backup === 'fossil' ? USUAL.afterFossilMin : 0,
    powerUpHoldMin: number('power-up-hold') ?? 0,
    recovery: value('adaptive-recovery') === 'on' ? { rateFPerH: USUAL.recoveryFPerH } : null,
    learning: null,
  };
};

/** Signals that a job's thermostat sends for its logic's calls: the same as its steady state sends. */
export const sentSignals = (
  facts: Facts,
  { isCompressing, isSecondStage, isBackup, isEmergency }: Signals,
  isHeating: boolean,
): ReadonlySet<Signal> =>
  new Set([
    ...(isCompressing ? compressorSignals(facts, isHeating, isSecondStage ? 2 : 1) : []),
    ...(isBackup ? auxSignals(facts) : []),
    ...(isEmergency ? emergencySignals(facts) : []),
  ]);
