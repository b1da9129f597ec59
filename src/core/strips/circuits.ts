import { BREAKER_SIZES_AMPS, HEATER_CIRCUIT_FACTOR, HEATER_CIRCUIT_LIMIT_AMPS } from '../units/constants';
import { type Element, elementAmps } from './element';

/** One branch circuit of a kit. */
export interface Circuit {
  /** Indices of its elements in the kit. */
  readonly elements: readonly number[];
  /** Heaters, and the blower if it is on this circuit, A. */
  readonly loadAmps: number;
  /** 125 % of the load, A. */
  readonly minCircuitAmps: number;
  /** Next standard breaker, A; null if none is large enough. */
  readonly breakerAmps: number | null;
}

/** The smallest standard breaker that carries a current, A; null above the largest. Source: NEC 240.6(A). */
export const breakerFor = (amps: number): number | null =>
  BREAKER_SIZES_AMPS.find((size) => size >= amps - 1e-9) ?? null;

/**
 * Elements fill circuits in order, up to 48 A of heaters on each; the blower is on the first circuit if the kit feeds
 * it.
 * @param blowerAmps blower current, A
 * @param sizedAtVolts volts for the load calculation; the elements' rated volts by default @source NEC 424.22(B) for
 *   the subdivision, 424.4(B) for 125 %, 240.6(A) for the breaker
 */
export const subdivide = (
  elements: readonly Element[],
  blowerAmps: number,
  blowerOnFirstCircuit: boolean,
  sizedAtVolts?: number,
): Circuit[] => {
  const groups: { members: number[]; heaterAmps: number }[] = [];
  elements.forEach((element, at) => {
    const amps = elementAmps(element, sizedAtVolts ?? element.ratedVolts);
    const last = groups.at(-1);
    if (last && last.heaterAmps + amps <= HEATER_CIRCUIT_LIMIT_AMPS + 1e-9) {
      last.members.push(at);
      last.heaterAmps += amps;
    } else groups.push({ members: [at], heaterAmps: amps });
  });
  return groups.map(({ members, heaterAmps }, at) => {
    const loadAmps = heaterAmps + (at === 0 && blowerOnFirstCircuit ? blowerAmps : 0);
    const minCircuitAmps = loadAmps * HEATER_CIRCUIT_FACTOR;
    return { elements: members, loadAmps, minCircuitAmps, breakerAmps: breakerFor(minCircuitAmps) };
  });
};
