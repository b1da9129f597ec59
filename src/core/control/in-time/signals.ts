/** Whether the valve is energized in cooling (O) or in heating (B). */
export type Valve = 'O' | 'B';

export type Mode = 'heat' | 'cool' | 'emergency' | 'off';

/** What a thermostat sends. */
export interface Signals {
  readonly isCompressing: boolean;
  readonly isSecondStage: boolean;
  readonly isBackup: boolean;
  readonly isEmergency: boolean;
}

/** The terminals that are hot, sorted, joined by one space; empty for none. */
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
