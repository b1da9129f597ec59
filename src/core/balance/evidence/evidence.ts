import type { Facts } from '../../job/document';

/** Evidence for a house's load. */
export type EvidenceId = Facts['load']['from'];

/** Design heat loss from one kind of evidence. */
export type Estimate =
  | {
      readonly kind: 'known';
      readonly designBtuh: number;
      /** Half width of the band, as a share of the estimate; about 19 in 20 houses lie within it. */
      readonly uncertainty: number;
      /** How it was calculated, in words. */
      readonly because: string;
    }
  | { readonly kind: 'missing'; readonly what: string };

/** One way to estimate the load. */
export interface Evidence {
  readonly id: EvidenceId;
  readonly label: string;
  /** Notes for or against it. */
  readonly about: string;
  readonly estimate: (facts: Facts) => Estimate;
}

/** Design heat loss from a loss per degree. */
export const fromLossPerDegree = ({ house }: Facts, btuhPerF: number): number =>
  btuhPerF * (house.noLoadF - house.designOutdoorF);

/** Uncertainty of the no-heat temperature, °F; it affects every estimate made at a milder temperature than design. */
export const NO_LOAD_SPREAD_F = 3;

/** Independent relative uncertainties, combined. */
export const combinedShare = (...shares: readonly number[]): number => Math.hypot(...shares);
