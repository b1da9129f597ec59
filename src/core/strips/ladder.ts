import { heatInputs } from '../job/banks';
import type { Facts } from '../job/document';
import { type Circuit, subdivide } from './circuits';
import { type Element, elementOhms } from './element';
import { jobElements, sizedAtVolts } from './from-job';

/** Parts of a rung between the two legs, in order. */
export type PartKind = 'breaker' | 'link' | 'element' | 'limit' | 'switch';

/** One rung of the ladder: an element with everything in series. */
export interface Rung {
  readonly at: number;
  readonly element: Element;
  readonly ohms: number;
  readonly bank: number;
  readonly onS: number;
  readonly offS: number;
  readonly parts: readonly PartKind[];
  /** The board input of its bank; null if the board has none. */
  readonly input: string | null;
}

/** A branch circuit with its rungs and the breaker found. */
export interface LadderCircuit {
  readonly at: number;
  readonly circuit: Circuit;
  readonly foundBreakerAmps: number | null;
  readonly foundAwg: number | null;
  readonly hasBlower: boolean;
  readonly rungs: readonly Rung[];
}

/** A heat kit as a ladder: circuits with a rung per element. */
export interface Ladder {
  readonly circuits: readonly LadderCircuit[];
  readonly switching: Facts['heatKit']['switching'];
  readonly hasInterlock: boolean;
  /** Whether the blower has its own supply. */
  readonly hasOwnBlowerSupply: boolean;
}

/** The ladder of a job's kit. Elements fill circuits in order, as the code subdivides them. */
export const ladder = (facts: Facts): Ladder => {
  const { heatKit, airHandler } = facts;
  const elements = jobElements(facts);
  const inputs = heatInputs(facts);
  const parts: PartKind[] = ['breaker', ...(heatKit.hasLinks ? ['link' as const] : []), 'element', 'limit', 'switch'];
  return {
    switching: heatKit.switching,
    hasInterlock: heatKit.hasInterlock,
    hasOwnBlowerSupply: !heatKit.blowerOnFirstCircuit,
    circuits: subdivide(elements, airHandler.blowerAmps, heatKit.blowerOnFirstCircuit, sizedAtVolts(facts)).map(
      (circuit, at) => ({
        at,
        circuit,
        foundBreakerAmps: heatKit.breakersAmps[at] ?? null,
        foundAwg: heatKit.conductorsAwg[at] ?? null,
        hasBlower: at === 0 && heatKit.blowerOnFirstCircuit,
        rungs: circuit.elements.map((index) => {
          const { bank, onS, offS } = heatKit.elements[index]!;
          return {
            at: index,
            element: elements[index]!,
            ohms: elementOhms(elements[index]!),
            bank,
            onS,
            offS,
            parts,
            input: inputs[bank - 1] ?? null,
          };
        }),
      }),
    ),
  };
};
