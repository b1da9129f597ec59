/** A resistance element as rated. */
export interface Element {
  readonly kW: number;
  readonly ratedVolts: number;
}

/** Resistance of an element, Ω. Source: R = V² ÷ P. */
export const elementOhms = ({ kW, ratedVolts }: Element): number => ratedVolts ** 2 / (kW * 1000);

/** Current through an element at a supply, A. Source: I = V ÷ R. */
export const elementAmps = (element: Element, suppliedVolts: number): number => suppliedVolts / elementOhms(element);

/** Power an element delivers at a supply, kW. Source: P = V² ÷ R. */
export const elementKW = (element: Element, suppliedVolts: number): number =>
  suppliedVolts ** 2 / elementOhms(element) / 1000;
