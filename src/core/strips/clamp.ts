import type { Facts } from '../job/document';
import { kitRows } from '../job/kit-rows';
import { elementAmps } from './element';
import { jobElements } from './from-job';
import { ladder } from './ladder';
import type { LadderState } from './ladder-state';

/** Place of a clamp: it decides the expected amps. */
export type ClampAt =
  | { readonly kind: 'main' }
  | { readonly kind: 'circuit'; readonly at: number }
  | { readonly kind: 'element'; readonly at: number }
  | { readonly kind: 'blower' };

/** What is in a clamp: elements, and whether the blower is. */
export interface ClampReach {
  readonly label: string;
  readonly elements: readonly number[];
  readonly hasBlower: boolean;
}

/** A clamp place as text, for addresses and records: `main`, `circuit-1`, `element-3`, `blower`. */
export const clampId = (clamp: ClampAt): string =>
  clamp.kind === 'circuit' || clamp.kind === 'element' ? `${clamp.kind}-${clamp.at + 1}` : clamp.kind;

/** Every clamp place on a job's kit. */
export const clampPlaces = (facts: Facts): ClampAt[] => {
  const { circuits } = ladder(facts);
  return [
    { kind: 'main' },
    ...(circuits.length > 1 ? circuits.map(({ at }): ClampAt => ({ kind: 'circuit', at })) : []),
    ...kitRows(facts).map((_, at): ClampAt => ({ kind: 'element', at })),
    { kind: 'blower' },
  ];
};

/** What is in the clamp at a place. The main feed includes the blower only if the kit feeds it. */
export const clampReach = (facts: Facts, clamp: ClampAt): ClampReach => {
  const all = kitRows(facts).map((_, at) => at);
  switch (clamp.kind) {
    case 'main': {
      const hasBlower = facts.heatKit.blowerOnFirstCircuit;
      return { label: hasBlower ? 'Main feed, including blower' : 'All heater feeds', elements: all, hasBlower };
    }
    case 'circuit': {
      const circuit = ladder(facts).circuits[clamp.at];
      const hasBlower = circuit?.hasBlower ?? false;
      return {
        label: `Circuit ${clamp.at + 1}${hasBlower ? ', including blower' : ''}`,
        elements: circuit?.circuit.elements ?? [],
        hasBlower,
      };
    }
    case 'element':
      return { label: `Lead of element ${clamp.at + 1}`, elements: [clamp.at], hasBlower: false };
    case 'blower':
      return { label: 'Blower alone', elements: [], hasBlower: true };
  }
};

/** Expected amps at a clamp place with some elements on, A. */
export const expectedAmps = (
  facts: Facts,
  clamp: ClampAt,
  on: ReadonlySet<number>,
  runsBlower: boolean,
  suppliedVolts: number,
): number => {
  const kit = jobElements(facts);
  const { elements, hasBlower } = clampReach(facts, clamp);
  const heaters = elements
    .filter((at) => on.has(at))
    .reduce((sum, at) => sum + elementAmps(kit[at]!, suppliedVolts), 0);
  return heaters + (hasBlower && runsBlower ? facts.airHandler.blowerAmps : 0);
};

/** Expected amps at a clamp place in a state of the ladder, A. */
export const expectedAmpsNow = (facts: Facts, clamp: ClampAt, state: LadderState, suppliedVolts: number): number =>
  expectedAmps(
    facts,
    clamp,
    new Set(state.rungs.filter(({ isClosed }) => isClosed).map(({ rung }) => rung.at)),
    state.blower.runs,
    suppliedVolts,
  );
