import type { Facts } from '../../job/document';

/** What a house's load is taken from. */
export type EvidenceId = Facts['load']['from'];

/** The design heat loss as one kind of evidence gives it. */
export type Estimate =
  | {
      readonly kind: 'known';
      readonly designBtuh: number;
      /** Half the band's width as a share of the estimate: about nineteen houses in twenty lie within it. */
      readonly uncertainty: number;
      /** How it was calculated, in words. */
      readonly because: string;
    }
  | { readonly kind: 'missing'; readonly what: string };

/** One way of knowing the load. */
export interface Evidence {
  readonly id: EvidenceId;
  readonly label: string;
  /** What speaks for or against it. */
  readonly about: string;
  readonly estimate: (facts: Facts) => Estimate;
}

/** A design heat loss from a loss per degree. */
export const fromLossPerDegree = ({ house }: Facts, btuhPerF: number): number =>
  btuhPerF * (house.noLoadF - house.designOutdoorF);

/**
 * How well the no-load temperature is known, °F: it enters every estimate that is made at a milder temperature than
 * design.
 */
export const NO_LOAD_SPREAD_F = 3;

/** Independent shares of uncertainty, joined. */
export const combinedShare = (...shares: readonly number[]): number => Math.hypot(...shares);
