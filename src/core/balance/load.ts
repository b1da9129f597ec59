import type { Curve } from './line';

/** What the house loses: its design heat loss and the outdoor temperature at which it needs no heat. */
export interface HouseLoad {
  readonly designOutdoorF: number;
  readonly designBtuh: number;
  readonly noLoadF: number;
}

/**
 * Heat the house needs, Btu/h: Q_design × (T_noload − T) ÷ (T_noload − T_design), zero above T_noload.
 * @param load the no-load temperature must lie above the design temperature
 */
export const loadCurve = ({ designOutdoorF, designBtuh, noLoadF }: HouseLoad): Curve => ({
  at: (outdoorF) => (outdoorF >= noLoadF ? 0 : (designBtuh * (noLoadF - outdoorF)) / (noLoadF - designOutdoorF)),
  breaksF: [noLoadF],
});

/**
 * Outdoor temperature down to which a heat output holds the house by itself, °F: the load line, the other way round.
 * @param heatBtuh what is given, Btu/h, the same at every temperature
 */
export const carriesDownToF = ({ designOutdoorF, designBtuh, noLoadF }: HouseLoad, heatBtuh: number): number =>
  noLoadF - (heatBtuh * (noLoadF - designOutdoorF)) / designBtuh;
