/** Whether the valve is energized in cooling (O) or in heating (B). */
export type Valve = 'O' | 'B';

export type Mode = 'heat' | 'cool' | 'emergency' | 'off';

/** Outputs of a thermostat. */
export interface Signals {
  readonly isCompressing: boolean;
  readonly isSecondStage: boolean;
  readonly isBackup: boolean;
  readonly isEmergency: boolean;
}

/** Hot terminals, sorted and joined by a space; empty for none. */
export const terminalsOf = (
  { isCompressing, isSecondStage, isBackup, isEmergency }: Signals,
  mode: Mode,
  { backup, valve }: { readonly backup: 'electric' | 'fossil' | 'none'; readonly valve: Valve },
): string => {
  const blows = isCompressing || ((isBackup || isEmergency) && backup === 'electric');
  return [
    ...(isBackup ? ['AUX'] : []),
    ...(isCompressing && valve === 'B' && mode === 'heat' ? ['B'] : []),
    ...(isEmergency ? ['E'] : []),
    ...(blows ? ['G'] : []),
    ...(isCompressing && valve === 'O' && mode === 'cool' ? ['O'] : []),
    ...(isCompressing ? ['Y'] : []),
    ...(isSecondStage ? ['Y2'] : []),
  ].join(' ');
};
