import type { ElementRow } from '../../job/facts/heat-kit';

/** Switch of one element: whether it is closed, and how long its call has differed, s. */
export interface ElementState {
  readonly isClosed: boolean;
  readonly otherwiseS: number;
}

export const OPEN: ElementState = { isClosed: false, otherwiseS: 0 };

/** Closed, and called so. */
const CLOSED: ElementState = { isClosed: true, otherwiseS: 0 };

/**
 * Steps an element's switch: a sequencer closes and opens with a delay.
 * @param isCalled whether its bank's coil is in during the tick
 * @returns share of the tick in which it heats
 */
export const stepElement = (
  { isClosed, otherwiseS }: ElementState,
  { onS, offS }: Pick<ElementRow, 'onS' | 'offS'>,
  isCalled: boolean,
  tickS: number,
): { readonly state: ElementState; readonly share: number } => {
  if (isCalled === isClosed) return isClosed ? { state: CLOSED, share: 1 } : { state: OPEN, share: 0 };
  const waitS = (isCalled ? onS : offS) - otherwiseS;
  if (waitS >= tickS) return { state: { isClosed, otherwiseS: otherwiseS + tickS }, share: isClosed ? 1 : 0 };
  const asItWas = Math.max(0, waitS) / tickS;
  return { state: { isClosed: isCalled, otherwiseS: 0 }, share: isClosed ? asItWas : 1 - asItWas };
};
