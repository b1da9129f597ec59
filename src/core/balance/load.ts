import type { Curve } from './line';

/** A house's load: design heat loss and the outdoor temperature above which it needs no heat. */
export interface HouseLoad {
  readonly designOutdoorF: number;
  readonly designBtuh: number;
  readonly noLoadF: number;
}

/**
 * Heat the house needs, Btu/h: Q_design × (T_noheat − T) ÷ (T_noheat − T_design), zero above T_noheat.
 * @param load the no-heat temperature must be above the design temperature
 */
export const loadCurve = ({ designOutdoorF, designBtuh, noLoadF }: HouseLoad): Curve => ({
  at: (outdoorF) => (outdoorF >= noLoadF ? 0 : (designBtuh * (noLoadF - outdoorF)) / (noLoadF - designOutdoorF)),
  breaksF: [noLoadF],
});

/**
 * Lowest outdoor temperature at which a heat output holds the house, °F: the inverse of the load line.
 * @param heatBtuh constant output, Btu/h
 */
export const carriesDownToF = ({ designOutdoorF, designBtuh, noLoadF }: HouseLoad, heatBtuh: number): number =>
  noLoadF - (heatBtuh * (noLoadF - designOutdoorF)) / designBtuh;
