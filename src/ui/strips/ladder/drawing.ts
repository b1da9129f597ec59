import type { ClampAt } from '@/core/strips/clamp';
import type { PartKind } from '@/core/strips/ladder';
import type { LadderState } from '@/core/strips/ladder-state';

/** A part of a rung. */
export interface PartAt {
  readonly kind: PartKind;
  readonly element: number;
}

/** Shared by every part of the drawing: state, selection, tap handler. */
export interface DrawingProps {
  readonly state: LadderState;
  readonly suppliedVolts: number;
  readonly openBreakers: ReadonlySet<number>;
  readonly part: PartAt | null;
  readonly clamp: ClampAt;
  readonly onPart: (part: PartAt) => void;
  readonly onClamp: (clamp: ClampAt) => void;
  readonly onBreaker: (circuit: number) => void;
}

// Drawing units: a rung is 78 high and 380 wide; the legs run down at 18 and 362.
export const WIDTH = 380;
export const LEFT = 18;
export const RIGHT = 362;
export const RUNG = 78;
export const HEAD = 74;

export const LIVE = { stroke: 'var(--saffron)', strokeWidth: 5 };
export const DEAD = { stroke: 'var(--line-strong)', strokeWidth: 2 };
export const HEAT = { stroke: 'var(--ember)', strokeWidth: 6 };
