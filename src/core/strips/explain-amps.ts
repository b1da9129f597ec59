import { type Element, elementAmps } from './element';

/** One explanation of a clamp reading: elements on, with or without the blower in the clamp. */
export interface AmpsExplanation {
  /** Indices of the elements on. */
  readonly elements: readonly number[];
  readonly withBlower: boolean;
  readonly amps: number;
  /** Reading minus explanation, A. */
  readonly missAmps: number;
}

/**
 * Every combination of working elements, best match first. Of two equal matches, the one with the clamp as stated comes
 * first.
 * @param readAmps clamp reading, A
 * @param suppliedVolts volts at the kit at that moment
 * @param blowerAmps blower current, A
 * @param blowerInClamp whether the technician's clamp is around the blower's feed too
 */
export const explainAmps = (
  elements: readonly Element[],
  suppliedVolts: number,
  blowerAmps: number,
  readAmps: number,
  blowerInClamp: boolean,
): AmpsExplanation[] => {
  const all: AmpsExplanation[] = [];
  const each = elements.map((element) => elementAmps(element, suppliedVolts));
  for (let mask = 0; mask < 1 << elements.length; mask++) {
    const on = each.map((_, at) => at).filter((at) => mask & (1 << at));
    const heaterAmps = on.reduce((sum, at) => sum + each[at]!, 0);
    for (const withBlower of blowerAmps > 0 ? [blowerInClamp, !blowerInClamp] : [blowerInClamp]) {
      const amps = heaterAmps + (withBlower ? blowerAmps : 0);
      all.push({ elements: on, withBlower, amps, missAmps: readAmps - amps });
    }
  }
  // A different clamp place must explain the reading half an ampere better.
  const cost = ({ missAmps, withBlower }: AmpsExplanation) =>
    Math.abs(missAmps) + (withBlower === blowerInClamp ? 0 : 0.5);
  return all.sort((a, b) => cost(a) - cost(b));
};
